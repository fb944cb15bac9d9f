package org.mildlantern.app.repot;

import java.util.List;
import org.mildlantern.app.plants.PlantView;

/**
 * Whether a plant is repotted, in words.
 *
 * @param verdict what is to be done, without a stop
 * @param percent odds that fresh medium does it good
 * @param reasons for it
 * @param holds what speaks against today
 * @param say how its kind is repotted, or empty
 * @param putOff words for a repotting that was put off, or empty
 */
record RepotView(
    PlantView plant,
    String verdict,
    long percent,
    List<String> reasons,
    List<String> holds,
    String say,
    String putOff) {}
