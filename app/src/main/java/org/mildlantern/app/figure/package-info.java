/** Drawn plants: one figure for each growth form, on which marked signs appear. */
@org.springframework.modulith.ApplicationModule(displayName = "Figures")
package org.mildlantern.app.figure;
