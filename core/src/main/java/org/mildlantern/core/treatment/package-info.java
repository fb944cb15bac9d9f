/** Courses of treatment: what is done when, and what chance it has. */
package org.mildlantern.core.treatment;
