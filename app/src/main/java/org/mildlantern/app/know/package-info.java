/** Reading and finding: pages for signs, causes and taxa, and the find box. */
@org.springframework.modulith.ApplicationModule(displayName = "Knowledge pages")
package org.mildlantern.app.know;
