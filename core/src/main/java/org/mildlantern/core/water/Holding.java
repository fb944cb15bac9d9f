package org.mildlantern.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.knowledge.Retention;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * How much water and air a pot of a medium holds.
 *
 * <p>A pot that has just drained is at suction zero at its bottom and at a suction of its own
 * height at the top, so that a shallow pot holds more water to the litre than a deep one. The
 * medium's share of water at each height is the volume-weighted mean of its materials' shares. What
 * is left at a suction of {@value #DRY_SUCTION} cm a container plant hardly draws (rule of thumb
 * after de Boodt & Verdonck 1972, whose water buffering capacity ends at 100 cm).
 *
 * @param capacity share of volume that is water when just drained: container capacity
 * @param air share of volume that is air then: air space
 * @param availableMl water between just drained and dry
 * @param fullMl all water when just drained
 * @param wetByDepth share of volume that is water when just drained, from the top to the bottom in
 *     {@value #SLICES} equal slices
 */
public record Holding(
    double capacity,
    double air,
    double availableMl,
    double fullMl,
    double[] wetByDepth,
    Working working) {
  private static final Words WORDS = Words.of(Holding.class);

  public static final int SLICES = 10;
  static final double DRY_SUCTION = 300;

  /** Points to the slice at which the mean over its height is taken. */
  private static final int POINTS = 8;

  public static Holding of(PotShape pot, Map<Retention, Double> mix) {
    double[] slices = new double[SLICES];
    double sum = 0;
    double full = 0;
    for (int slice = 0; slice < SLICES; slice++) {
      double wet = 0;
      for (int point = 0; point < POINTS; point++) {
        double fromTop = (slice + (point + 0.5) / POINTS) / SLICES;
        wet += at(mix, pot.depthCm() * (1 - fromTop)) / POINTS;
      }
      slices[slice] = wet;
      sum += wet / SLICES;
    }
    full = at(mix, 0);
    double dry = at(mix, DRY_SUCTION);
    double millilitres = pot.litres() * 1000;
    List<Step> steps = new ArrayList<>();
    steps.add(new Step("Medium in the pot", WORDS.say("litres", pot.litres())));
    steps.add(new Step("Its height", WORDS.say("cm", pot.depthCm())));
    steps.add(
        new Step("Water when drained", percent(sum), "mean over the height, container capacity"));
    steps.add(new Step("Air when drained", percent(full - sum), "air space"));
    steps.add(new Step("Water when dry", percent(dry), WORDS.say("suction", DRY_SUCTION)));
    double available = (sum - dry) * millilitres;
    return new Holding(
        sum,
        full - sum,
        available,
        sum * millilitres,
        slices,
        new Working(
            "Water that the pot holds",
            "volume × (water when drained − water when dry)",
            steps,
            WORDS.say("ml", available),
            "van Genuchten 1980; Milks, Fonteno & Larson 1989; pot shapes by rule of thumb"));
  }

  private static String percent(double share) {
    return WORDS.say("of-volume", 100 * share);
  }

  private static double at(Map<Retention, Double> mix, double suction) {
    return mix.entrySet().stream().mapToDouble(e -> e.getValue() * e.getKey().at(suction)).sum();
  }
}
