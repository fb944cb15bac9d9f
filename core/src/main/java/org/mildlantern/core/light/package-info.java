/**
 * Light at a spot: where the sun stands, how much light a day of a month brings, and what of it
 * comes through a window, past what stands outside, and from lamps.
 */
package org.mildlantern.core.light;
