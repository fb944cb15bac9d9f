/** Courses of treatment against the pest of a case, and their visits. */
package org.mildlantern.app.treatment;
