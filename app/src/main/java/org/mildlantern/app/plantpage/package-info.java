/** The page of one plant: who, where, in what, its figure, its case and its timeline. */
@org.springframework.modulith.ApplicationModule(displayName = "Plant page")
package org.mildlantern.app.plantpage;
