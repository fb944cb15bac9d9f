package org.mildlantern.core.feed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A can of feed for plants that ask for nearly the same.
 *
 * @param ppm nitrogen
 * @param asking the plants
 * @param water what it is mixed with
 * @param gramsPerLitre of the product
 * @param ecMsCm of the whole
 */
public record Can(
    double ppm, List<Asking> asking, Blend water, double gramsPerLitre, double ecMsCm) {
  /** Strengths that are mixed, ppm of nitrogen; a plant gets the next one below what it takes. */
  private static final double[] STRENGTHS = {10, 25, 50, 75, 100, 125, 150};

  /** Waters of plants that bear no more than this are mixed apart, µS/cm. */
  private static final double SOFT = 300;

  /**
   * What a plant asks for.
   *
   * @param ppm nitrogen
   * @param water conductivity of the water without feed, at most, µS/cm
   * @param lime alkalinity of it, at most, mg/l as CaCO₃
   * @param ml that it drinks
   */
  public record Asking(long plant, double ppm, double water, double lime, double ml) {}

  /**
   * A water that is at hand.
   *
   * @param of its name, conductivity and what it costs
   * @param dissolved what is in it
   */
  public record AtHand(Blend.Of of, Solution dissolved) {}

  private record Kind(double ppm, boolean soft) {}

  /**
   * As few cans as serve all, the weakest and softest first.
   *
   * @param waters one at least
   * @param product has nitrogen
   */
  public static List<Can> of(List<Asking> asking, List<AtHand> waters, Label product) {
    Map<Kind, List<Asking>> kinds =
        new TreeMap<>(
            Comparator.comparingDouble(Kind::ppm)
                .thenComparing(Kind::soft, Comparator.reverseOrder()));
    for (Asking one : asking) {
      kinds
          .computeIfAbsent(new Kind(strength(one.ppm), one.water <= SOFT), k -> new ArrayList<>())
          .add(one);
    }
    List<Can> cans = new ArrayList<>();
    kinds.forEach((kind, plants) -> cans.add(can(kind.ppm, plants, waters, product)));
    return cans;
  }

  /** The next strength that is mixed below what a plant takes, ppm of nitrogen. */
  public static double strength(double ppm) {
    double strength = STRENGTHS[0];
    for (double one : STRENGTHS) {
      if (one <= ppm + 1e-9) {
        strength = one;
      }
    }
    return strength;
  }

  private static Can can(double ppm, List<Asking> plants, List<AtHand> waters, Label product) {
    Blend blend =
        Blend.within(
            waters.stream().map(AtHand::of).toList(),
            plants.stream().mapToDouble(Asking::water).min().orElseThrow(),
            plants.stream().mapToDouble(Asking::lime).min().orElseThrow());
    Solution water = new Solution(Map.of(), null, 0);
    for (AtHand one : waters) {
      water = water.and(one.dissolved.times(blend.parts().get(one.of.name())));
    }
    double grams = product.gramsFor(Element.N, ppm);
    Solution feed = product.at(grams);
    // What was read of the water counts before what is reckoned of it.
    double mix = water.and(feed).ecMsCm() - water.ecMsCm() + blend.ecUsCm() / 1000;
    return new Can(ppm, List.copyOf(plants), blend, grams, mix);
  }

  /** What all its plants drink, litres. */
  public double litres() {
    return asking.stream().mapToDouble(Asking::ml).sum() / 1000;
  }

  /** Whether its water is softer than none of the waters at hand can be. */
  public boolean tooHard() {
    return water.over(
            asking.stream().mapToDouble(Asking::water).min().orElseThrow(),
            asking.stream().mapToDouble(Asking::lime).min().orElseThrow())
        > 0;
  }
}
