/** What stands around every page: the day ribbon, the shelf with its lamps, errors. */
@org.springframework.modulith.ApplicationModule(displayName = "Frame")
package org.mildlantern.app.frame;
