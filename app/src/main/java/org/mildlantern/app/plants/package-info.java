/** The plants: who they are, where they stand, in what; adding, moving, archiving, pasting. */
@org.springframework.modulith.ApplicationModule(displayName = "Plants")
package org.mildlantern.app.plants;
