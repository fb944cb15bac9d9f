/** The list of plants: found, sorted, looked at in saved ways, and worked on many at a time. */
@org.springframework.modulith.ApplicationModule(displayName = "List of plants")
package org.mildlantern.app.plantlist;
