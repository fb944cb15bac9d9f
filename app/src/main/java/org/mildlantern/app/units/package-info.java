/** Warmth, widths and drinks in the keeper's own units, on every page and in every field. */
@org.springframework.modulith.ApplicationModule(displayName = "Units")
package org.mildlantern.app.units;
