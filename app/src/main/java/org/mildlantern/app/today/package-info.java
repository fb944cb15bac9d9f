/** The day's round: what is due where, answered in place. */
@org.springframework.modulith.ApplicationModule(displayName = "Today")
package org.mildlantern.app.today;
