/** How each pot dries, when to look at it, and how to water it. */
package org.mildlantern.app.watering;
