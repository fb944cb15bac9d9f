/**
 * Growers' own lists of plants: pasted or sent as a file, mended cell by cell, taken in, taken
 * back.
 */
@org.springframework.modulith.ApplicationModule(displayName = "Imports")
package org.mildlantern.app.imports;
