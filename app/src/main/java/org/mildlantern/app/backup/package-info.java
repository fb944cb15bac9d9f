/** A copy of the whole installation each day, and which of them are kept. */
@org.springframework.modulith.ApplicationModule(displayName = "Backup")
package org.mildlantern.app.backup;
