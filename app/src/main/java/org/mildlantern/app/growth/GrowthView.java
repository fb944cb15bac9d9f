package org.mildlantern.app.growth;

import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.growth.GrowthTrend;

/**
 * What a plant made one after another.
 *
 * @param kinds by what they are, that of which most was measured first
 */
record GrowthView(PlantView plant, List<OfOrgan> kinds) {

  /**
   * Leaves, or bulbs, or pitchers.
   *
   * @param trend null for one alone
   * @param words the trend in plain words
   * @param line of their lengths, as points of an svg of 300 by 80; empty for one alone
   */
  record OfOrgan(String name, List<One> all, GrowthTrend trend, String words, String line) {}

  /**
   * One that grew out.
   *
   * @param against the last, in words; empty for the first
   * @param changed what was done between the last and this one; empty for nothing
   */
  record One(String day, double cm, String against, List<String> changed) {}
}
