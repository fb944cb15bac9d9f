/** Plants that stand apart, looks for what they may have, and the plants they stood with. */
package org.mildlantern.app.quarantine;
