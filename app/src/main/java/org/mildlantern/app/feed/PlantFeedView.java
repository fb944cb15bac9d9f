package org.mildlantern.app.feed;

import java.util.List;
import org.mildlantern.app.plants.PlantView;

/**
 * All that is known of a plant’s feed and salts.
 *
 * @param now as on the page of the plant
 * @param readings of its pot, the latest first
 * @param strewn grains in its pot, the latest first
 * @param grains of the collection, with what its pot asks for of each
 * @param none what is said where no grains fit; else empty
 */
record PlantFeedView(
    PlantView plant,
    FeedService.AtPlant now,
    List<Line> readings,
    List<Line> strewn,
    List<Grains> grains,
    String none) {
  /** What was noted on a day, and what it means. */
  record Line(String day, String noted, String means) {}

  /** Grains to be strewn. */
  record Grains(Long id, String name, String amount) {}
}
