/** How a computed figure explains itself: inputs, formula, numbers put in, source. */
package org.mildlantern.core.working;
