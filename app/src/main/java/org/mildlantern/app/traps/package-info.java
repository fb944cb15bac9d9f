/** Sticky traps of a place and where their counts go. */
package org.mildlantern.app.traps;
