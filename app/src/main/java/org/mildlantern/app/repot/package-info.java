/** Repotting: whether, when, into what, and the work on small trees. */
@org.springframework.modulith.ApplicationModule(displayName = "Repotting")
package org.mildlantern.app.repot;
