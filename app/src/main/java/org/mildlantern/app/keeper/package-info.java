/** Keepers, their collection, signing in, tokens, and the scope that every query obeys. */
@org.springframework.modulith.ApplicationModule(displayName = "Keepers")
package org.mildlantern.app.keeper;
