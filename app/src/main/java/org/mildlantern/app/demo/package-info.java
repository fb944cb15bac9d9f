/** The invented Tollhouse collection, dated back from today. */
@org.springframework.modulith.ApplicationModule(displayName = "Demo")
package org.mildlantern.app.demo;
