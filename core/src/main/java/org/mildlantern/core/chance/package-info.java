/** Chances that several fields reckon with. */
package org.mildlantern.core.chance;
