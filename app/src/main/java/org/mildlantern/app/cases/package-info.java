/** Cases: one suspected cause, one change at a time, a look on its day, an outcome. */
@org.springframework.modulith.ApplicationModule(displayName = "Cases")
package org.mildlantern.app.cases;
