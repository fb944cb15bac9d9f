package org.mildlantern.app.air;

import java.util.List;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.working.Working;

/**
 * The air of a place, ready to be shown.
 *
 * @param form what was said of its room
 * @param noted what is known of its air, or null while warmth or humidity are not noted
 * @param room null while its size is not known, and of a case
 * @param ofCase null of a room
 */
record AirView(PlaceView place, AirForm form, Noted noted, Ledger room, OfCase ofCase) {

  public boolean isCase() {
    return place.kind() == PlaceKind.CASE;
  }

  /** Of the air as it was noted: deficit and dew point in words, and how they are found. */
  record Noted(String words, Working working) {}

  /**
   * What its room does.
   *
   * @param without how moist it is when nothing moistens it, in words
   * @param needs what the wish of its plants takes, in words; empty without a wish
   * @param gains what each thing gives, the least first
   * @param lasts for how long what is given at once stays, in words
   * @param thirsty the plants that wish it moister than it is without
   */
  record Ledger(
      String without, String needs, List<Gain> gains, String lasts, List<PlantView> thirsty) {}

  /**
   * What a closed case does.
   *
   * @param dark its air while no lamp burns, in words
   * @param lit the same while they burn; empty without lamps
   * @param around the room that it is taken to stand in, in words
   * @param open what its air would be with the lid off, in words
   * @param hot plants for which it gets too warm
   */
  record OfCase(String dark, String lit, String around, String open, List<PlantView> hot) {}

  /**
   * What one thing gives.
   *
   * @param points of relative humidity, in words
   * @param width of its bar, %
   */
  record Gain(String label, String points, double width) {}
}
