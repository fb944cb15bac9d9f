/**
 * The light of each place: its window drawn, the year of it, what its plants wish, and readings.
 */
@org.springframework.modulith.ApplicationModule(displayName = "Light")
package org.mildlantern.app.light;
