package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Watering;
import org.mildlantern.core.knowledge.Wish;

/** Simulated pots over all media, sizes and seasons: is the day foretold the day that comes? */
class WaterTrialTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Media MEDIA = Library.shipped().media();
  private static final int FIXED = 7;

  /** All sizes with {@code -Dtrial=all}; every other one in the usual run. */
  private static final double[] WIDTHS =
      "all".equals(System.getProperty("trial"))
          ? new double[] {8, 12, 18, 26}
          : new double[] {8, 18};

  private static List<SimulatedPot.Trial> trials() {
    List<SimulatedPot.Trial> trials = new ArrayList<>();
    long seed = 1;
    for (Medium medium : KNOWLEDGE.media()) {
      for (double width : WIDTHS) {
        PotShape pot = PotShape.of(PotShape.Kind.ROUND, width, null);
        Holding holding = Holding.of(pot, MEDIA.mixOf(medium.id()).orElseThrow());
        for (int season = 0; season < 4; season++) {
          for (Watering habit :
              List.of(Watering.EVENLY_MOIST, Watering.DRY_BETWEEN, Watering.DRY_FULLY)) {
            Wish wish = MEDIA.wish(habit);
            SimulatedPot.Trial trial = new SimulatedPot(pot, holding, wish, season, seed++).run();
            if (trial != null) {
              trials.add(trial);
            }
          }
        }
      }
    }
    return trials;
  }

  @Test
  void theDayForetoldIsTheDayThatComes() {
    List<SimulatedPot.Trial> trials = trials();
    double within = share(trials, t -> Math.abs(t.sent() - Math.ceil(t.truth())) <= 1 ? 1 : 0);
    double held = share(trials, t -> t.low() <= t.truth() && t.truth() <= t.high() ? 1 : 0);
    double off = share(trials, t -> Math.abs(t.sent() - Math.ceil(t.truth())));
    double fixed = share(trials, t -> Math.abs(FIXED - Math.ceil(t.truth())));
    double mean = share(trials, t -> Math.abs(Math.round(t.meanInterval()) - Math.ceil(t.truth())));
    System.out.printf(
        "%d pots, %.1f days to dry, %.2f looks: within a day %.3f, band holds %.3f,"
            + " off by %.2f days; fixed interval %.2f, mean interval %.2f%n",
        trials.size(),
        share(trials, SimulatedPot.Trial::truth),
        share(trials, SimulatedPot.Trial::looks),
        within,
        held,
        off,
        fixed,
        mean);
    assertThat(trials).hasSizeGreaterThan(WIDTHS.length * 110);
    assertThat(within).isGreaterThanOrEqualTo(0.9);
    assertThat(held).isBetween(0.75, 0.85);
    assertThat(off).isLessThan(mean / 2).isLessThan(fixed / 2);
    assertThat(share(trials, SimulatedPot.Trial::looks)).isLessThan(3);
  }

  private static double share(
      List<SimulatedPot.Trial> trials, ToDoubleFunction<SimulatedPot.Trial> of) {
    return trials.stream().mapToDouble(of).average().orElseThrow();
  }
}
