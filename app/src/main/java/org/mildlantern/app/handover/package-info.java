/** A plant with its history for another keeper, as a file or by a link. */
@org.springframework.modulith.ApplicationModule(displayName = "Handover")
package org.mildlantern.app.handover;
