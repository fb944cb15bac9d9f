/** Going away: who lasts, what is done before, and what a visitor does. */
@org.springframework.modulith.ApplicationModule(displayName = "Away")
package org.mildlantern.app.away;
