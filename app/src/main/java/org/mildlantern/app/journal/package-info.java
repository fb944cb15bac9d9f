/** The day book: what was done and seen, plant by plant. Rows are only added. */
@org.springframework.modulith.ApplicationModule(displayName = "Day book")
package org.mildlantern.app.journal;
