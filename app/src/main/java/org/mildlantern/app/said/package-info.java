/** A plant in its keeper's own words: read, drawn, corrected, answered, and kept. */
@org.springframework.modulith.ApplicationModule(displayName = "In words")
package org.mildlantern.app.said;
