package org.mildlantern.app.light;

import java.util.List;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.working.Working;

/**
 * The light of a place, ready to be shown.
 *
 * @param form what was said of its window
 * @param lit null while nothing was said of its window
 */
record LightView(PlaceView place, WindowForm form, Lit lit, List<LightReading> readings) {

  /**
   * What was worked out.
   *
   * @param now the mean day of this season
   * @param verdict how it meets the wishes of its plants, in a sentence or two
   * @param lamp what a lamp would do for those that get too little, or empty
   * @param band by how much it may be off, in words
   * @param sun when the sun reaches it if it shines, in words
   * @param leaf how warm leaves get in it
   * @param nights whose long nights its lamps spoil, in words
   */
  record Lit(
      SpotLight now,
      String verdict,
      String lamp,
      String band,
      String sun,
      boolean guessed,
      Warmth leaf,
      List<String> nights,
      SkyPicture sky,
      YearChart year,
      List<Standing> plants) {}

  /** How warm something gets, in words, and how that is found. */
  record Warmth(String words, Working working) {}

  /**
   * How cold it gets before the main window in the coming night.
   *
   * @param words what is reckoned with
   * @param points how warm it is on the pane and away from it
   * @param cold plants that stand too cold, in words
   */
  record Tonight(String words, List<Point> points, List<Chilled> cold, Working working) {
    /** A distance in words, °C, and where it stands on a picture 200 wide. */
    record Point(String away, double celsius, double x) {}

    /** A plant that stands too cold. */
    record Chilled(PlantView plant, String words) {}
  }

  /** A plant that stands there, and how the light meets its wish, null while that is not known. */
  record Standing(PlantView plant, LightWish wish, LightWish.Met met, String words) {}
}
