/** Going away: how long plants last, what makes them last, and what a visit saves. */
package org.mildlantern.core.away;
