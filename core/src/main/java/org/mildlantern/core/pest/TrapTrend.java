package org.mildlantern.core.pest;

import java.util.List;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * Where weekly trap counts go.
 *
 * <p>Counts per trap follow a log-linear trend in time, fitted by Poisson regression (McCullagh &
 * Nelder 1989) with the spread widened by the observed scatter. The weekly factor carries an 80 %
 * band; the trend is told only when the band lies on one side of 1.
 *
 * @param factor by which counts change in a week
 * @param low lower end of its band
 * @param high upper end of its band
 */
public record TrapTrend(double factor, double low, double high, Working working) {
  private static final Words WORDS = Words.of(TrapTrend.class);

  private static final double Z80 = 1.2816;
  private static final int FEWEST = 3;

  /**
   * A count.
   *
   * @param week weeks since some day, need not be whole
   * @param traps number of traps, at least 1
   * @param wet share of pots felt wet in the time of the count, or null
   */
  public record Count(double week, int counted, int traps, Double wet) {
    public double each() {
      return (double) counted / traps;
    }
  }

  /** The direction in a word. */
  public String word() {
    return high < 1 ? "falling" : low > 1 ? "rising" : "steady, or not to be told yet";
  }

  /** The trend of at least three counts; null with fewer, or when all are zero. */
  public static TrapTrend of(List<Count> counts) {
    if (counts.size() < FEWEST || counts.stream().allMatch(c -> c.counted() == 0)) {
      return null;
    }
    double mean = counts.stream().mapToDouble(Count::week).average().orElseThrow();
    double a =
        Math.log(
            counts.stream().mapToDouble(Count::counted).sum()
                / counts.stream().mapToDouble(Count::traps).sum());
    double b = 0;
    double information = 0;
    for (int step = 0; step < 100; step++) {
      double s0 = 0;
      double s1 = 0;
      double i00 = 0;
      double i01 = 0;
      double i11 = 0;
      for (Count count : counts) {
        double x = count.week() - mean;
        double expected = count.traps() * Math.exp(a + b * x);
        s0 += count.counted() - expected;
        s1 += (count.counted() - expected) * x;
        i00 += expected;
        i01 += expected * x;
        i11 += expected * x * x;
      }
      double determinant = i00 * i11 - i01 * i01;
      if (determinant <= 1e-12) {
        return null;
      }
      double da = (i11 * s0 - i01 * s1) / determinant;
      double db = (i00 * s1 - i01 * s0) / determinant;
      a += Math.max(-2, Math.min(2, da));
      b += Math.max(-2, Math.min(2, db));
      information = determinant / i00;
      if (Math.abs(da) + Math.abs(db) < 1e-10) {
        break;
      }
    }
    double scatter = scatter(counts, a, b, mean);
    double half = Z80 * Math.sqrt(scatter / information);
    double factor = Math.exp(b);
    double low = Math.exp(b - half);
    double high = Math.exp(b + half);
    return new TrapTrend(
        factor,
        low,
        high,
        new Working(
            "Trend of the traps",
            "log(count per trap) = a + b · week, by Poisson regression",
            List.of(
                new Step("Counts", String.valueOf(counts.size())),
                new Step("Scatter", WORDS.say("scatter", scatter)),
                new Step("Band, 80 %", WORDS.say("band", low, high))),
            WORDS.say("a-week", factor),
            "McCullagh & Nelder 1989"));
  }

  private static double scatter(List<Count> counts, double a, double b, double mean) {
    double chi = 0;
    for (Count count : counts) {
      double expected = count.traps() * Math.exp(a + b * (count.week() - mean));
      chi += (count.counted() - expected) * (count.counted() - expected) / expected;
    }
    return Math.max(1, chi / Math.max(1, counts.size() - 2));
  }

  /**
   * How many times as many were caught while more than half of the pots felt were wet; null without
   * counts of both sorts.
   */
  public static Double wetRatio(List<Count> counts) {
    double wet = mean(counts, true);
    double dry = mean(counts, false);
    return Double.isNaN(wet) || Double.isNaN(dry) || dry == 0 ? null : wet / dry;
  }

  private static double mean(List<Count> counts, boolean wet) {
    return counts.stream()
        .filter(c -> c.wet() != null && c.wet() > 0.5 == wet)
        .mapToDouble(Count::each)
        .average()
        .orElse(Double.NaN);
  }
}
