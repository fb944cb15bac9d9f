/** Courses of treatment against a case's pest, the looks that go with them, and quarantine. */
package org.mildlantern.app.treatment;
