package org.mildlantern.app.placing;

import java.util.List;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;

/**
 * Which plants should change places.
 *
 * @param ahead months that are looked at
 * @param plants that may move and of which a wish is known
 * @param dark places with plants of whose light nothing is known
 */
record PlacingView(int ahead, int plants, List<Move> moves, List<PlaceView> dark) {

  /**
   * A move worth making.
   *
   * @param spot null for the usual stand
   * @param gains what it gains, in words
   * @param costs what it loses, in words; empty when nothing
   */
  record Move(
      PlantView plant,
      String from,
      String to,
      Long place,
      Long spot,
      List<String> gains,
      List<String> costs) {}
}
