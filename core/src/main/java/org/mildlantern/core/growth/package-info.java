/** Change over time, measured. */
package org.mildlantern.core.growth;
