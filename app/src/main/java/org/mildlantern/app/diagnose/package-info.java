/** Looking at a plant: findings on its figure, what the records say, what fits, what next. */
@org.springframework.modulith.ApplicationModule(displayName = "Diagnose")
package org.mildlantern.app.diagnose;
