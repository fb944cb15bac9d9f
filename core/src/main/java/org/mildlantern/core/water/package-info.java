/** How much water a pot holds, how it dries, when to look at it and how to water it. */
package org.mildlantern.core.water;
