package org.mildlantern.core.feed;

import java.util.List;
import java.util.Objects;

/**
 * What a plant was given of late, in the mean of all its drinks; null for what is not known of it.
 *
 * @param nitrogen ppm
 * @param calcium ppm, with that of the water
 * @param magnesium ppm, with that of the water
 * @param potassium for each part of nitrogen in its feeds
 * @param phosphorus for each part of nitrogen in its feeds
 */
public record Diet(
    Double nitrogen, Double calcium, Double magnesium, Double potassium, Double phosphorus) {
  /** Fewer drinks say nothing of a diet. */
  private static final int LEAST = 4;

  public static final Diet UNKNOWN = new Diet(null, null, null, null, null);

  /**
   * A feed.
   *
   * @param ppm nitrogen in it, or null
   * @param label what else is in it, or null
   */
  public record Meal(Double ppm, Label label) {
    private boolean isKnown() {
      return ppm != null && label != null && label.of(Element.N) > 0;
    }

    private double of(Element element) {
      return ppm * label.of(element) / label.of(Element.N);
    }
  }

  /**
   * The diet.
   *
   * @param drinks all of them, feeds among them
   * @param meals the feeds
   * @param water without feed, or null where it is not known
   */
  public static Diet of(int drinks, List<Meal> meals, Solution water) {
    if (drinks < LEAST || drinks < meals.size()) {
      return UNKNOWN;
    }
    boolean known = meals.stream().allMatch(Meal::isKnown);
    return new Diet(
        meals.stream().map(Meal::ppm).allMatch(Objects::nonNull)
            ? (Double) (meals.stream().mapToDouble(Meal::ppm).sum() / drinks)
            : null,
        known ? inAll(Element.CA, drinks, meals, water) : null,
        known ? inAll(Element.MG, drinks, meals, water) : null,
        known ? ofNitrogen(Element.K, meals) : null,
        known ? ofNitrogen(Element.P, meals) : null);
  }

  private static Double inAll(Element element, int drinks, List<Meal> meals, Solution water) {
    return water == null
        ? null
        : (Double)
            (water.of(element) + meals.stream().mapToDouble(m -> m.of(element)).sum() / drinks);
  }

  private static Double ofNitrogen(Element element, List<Meal> meals) {
    double nitrogen = meals.stream().mapToDouble(Meal::ppm).sum();
    return nitrogen == 0
        ? null
        : (Double) (meals.stream().mapToDouble(m -> m.of(element)).sum() / nitrogen);
  }
}
