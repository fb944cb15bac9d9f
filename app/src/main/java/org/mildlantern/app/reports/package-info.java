/** Papers about plants: a plant's passport, what was treated, what is kept. */
@org.springframework.modulith.ApplicationModule(displayName = "Reports")
package org.mildlantern.app.reports;
