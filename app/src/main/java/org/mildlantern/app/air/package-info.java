/** The air of each place: how dry its room is, and what moistens it by how much. */
@org.springframework.modulith.ApplicationModule(displayName = "Air")
package org.mildlantern.app.air;
