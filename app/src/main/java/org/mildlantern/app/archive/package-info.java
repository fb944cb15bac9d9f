/** The whole collection out as one file of open formats, and in again. */
@org.springframework.modulith.ApplicationModule(displayName = "Archive")
package org.mildlantern.app.archive;
