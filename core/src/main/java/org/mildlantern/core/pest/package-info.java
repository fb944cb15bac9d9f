/** How pests develop, multiply and die out. */
package org.mildlantern.core.pest;
