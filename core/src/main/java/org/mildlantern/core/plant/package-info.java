/** What a plant stands in and is given. */
package org.mildlantern.core.plant;
