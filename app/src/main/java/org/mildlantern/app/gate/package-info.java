/** What stands before every page: static files, bounds on bodies, and how many enter at once. */
@org.springframework.modulith.ApplicationModule(displayName = "Gate")
package org.mildlantern.app.gate;
