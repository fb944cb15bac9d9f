/** The year of plants: what each is in, what starts it, what is due. */
@org.springframework.modulith.ApplicationModule(displayName = "Seasons")
package org.mildlantern.app.seasons;
