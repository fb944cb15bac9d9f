/** The day's round: when to look at which pot, and in which order to walk. */
package org.mildlantern.core.round;
