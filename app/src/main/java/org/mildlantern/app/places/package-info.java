/** Where plants stand: places with their kind and usual air. */
@org.springframework.modulith.ApplicationModule(displayName = "Places")
package org.mildlantern.app.places;
