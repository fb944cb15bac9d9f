/** A letter about the day's work, at most one a day unless something cannot wait. */
@org.springframework.modulith.ApplicationModule(displayName = "Reminders")
package org.mildlantern.app.reminders;
