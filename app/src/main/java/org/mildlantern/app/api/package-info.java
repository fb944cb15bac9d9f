/** The open interface: vocabulary and diagnosis over HTTP, stored nowhere. */
@org.springframework.modulith.ApplicationModule(displayName = "Open interface")
package org.mildlantern.app.api;
