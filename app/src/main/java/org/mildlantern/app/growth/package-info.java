/** Whether plants grow better: each new leaf, bulb or pitcher against the last. */
@org.springframework.modulith.ApplicationModule(displayName = "Growth")
package org.mildlantern.app.growth;
