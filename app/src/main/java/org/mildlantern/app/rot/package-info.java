/** Rots: what they do if nothing is done, what cutting saves, and when to look. */
package org.mildlantern.app.rot;
