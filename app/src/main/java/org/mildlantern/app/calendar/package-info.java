/** The work ahead as a calendar that other programs subscribe to (iCalendar, RFC 5545). */
@org.springframework.modulith.ApplicationModule(displayName = "Calendar")
package org.mildlantern.app.calendar;
