/** New plants: batches, what takes, and where plants came from. */
@org.springframework.modulith.ApplicationModule(displayName = "New plants")
package org.mildlantern.app.raising;
