/** Repotting: whether and when, into what, how much of it, and the work on small trees. */
package org.mildlantern.core.repot;
