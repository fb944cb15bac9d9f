/** What all pages share: answers to htmx, nothing found, ways back, days in words. */
@org.springframework.modulith.ApplicationModule(displayName = "Web")
package org.mildlantern.app.web;
