package org.mildlantern.app.raising;

import org.mildlantern.core.raising.RaisingMethod;
import org.mildlantern.core.raising.RaisingWay;

/**
 * A way that works for a kind, in words.
 *
 * @param when its months
 * @param now whether they are now
 * @param take share of pieces that live, with its band, and whether own batches count in it
 * @param weeks to roots, and until it stands on its own
 * @param how it is done
 */
record WayView(
    RaisingWay way,
    RaisingMethod method,
    String when,
    boolean now,
    String take,
    String weeks,
    String how) {}
