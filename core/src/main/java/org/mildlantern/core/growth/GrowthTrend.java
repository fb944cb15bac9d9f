package org.mildlantern.core.growth;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.mildlantern.core.chance.Normal;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;

/**
 * Whether what a plant makes one after another grows larger: leaves, bulbs, pitchers, by the slope
 * of the logarithm of their lengths from one to the next (least squares).
 *
 * <p>Example: 10, 12 and 14.4 cm grow by a fifth each.
 *
 * @param each how many times the last each is, 1 for the same
 * @param verdict what that says, given how much lengths differ by themselves
 * @param chance that the trend is not of chance alone
 */
public record GrowthTrend(
    Organ organ, double each, Verdict verdict, double chance, Working working) {
  private static final Words WORDS = Words.of(GrowthTrend.class);

  /** Lengths of like organs differ by themselves, as a share. Rule of thumb. */
  private static final double SCATTER = 0.1;

  /** Less change from one to the next than this is none. */
  private static final double SAME = 0.04;

  private static final double SURE = 0.8;

  /** What lengths say. */
  public enum Verdict {
    LARGER("each is larger than the last"),
    SMALLER("each is smaller than the last"),
    SAME("they stay alike"),
    OPEN("too few, or too alike, to tell");

    private final String label;

    Verdict(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** One that grew out. */
  public record Grown(LocalDate day, double cm) {
    public Grown {
      if (!(cm > 0)) {
        throw new IllegalArgumentException("a length is above 0");
      }
    }
  }

  /**
   * The trend.
   *
   * @param grown the first first
   * @return empty for fewer than two
   */
  public static Optional<GrowthTrend> of(Organ organ, List<Grown> grown) {
    int n = grown.size();
    if (n < 2) {
      return Optional.empty();
    }
    double middle = (n - 1) / 2.0;
    double mean = grown.stream().mapToDouble(g -> Math.log(g.cm)).average().orElseThrow();
    double across = 0;
    double squares = 0;
    for (int i = 0; i < n; i++) {
      across += (i - middle) * (Math.log(grown.get(i).cm) - mean);
      squares += (i - middle) * (i - middle);
    }
    double slope = across / squares;
    double error = SCATTER / Math.sqrt(squares);
    double larger = Normal.below((slope - SAME) / error);
    double smaller = Normal.below((-slope - SAME) / error);
    Verdict verdict =
        larger >= SURE
            ? Verdict.LARGER
            : smaller >= SURE
                ? Verdict.SMALLER
                : 1 - larger - smaller >= SURE ? Verdict.SAME : Verdict.OPEN;
    double each = Math.exp(slope);
    return Optional.of(
        new GrowthTrend(
            organ,
            each,
            verdict,
            Math.max(Math.max(larger, smaller), 1 - larger - smaller),
            working(grown, each, error)));
  }

  private static Working working(List<Grown> grown, double each, double error) {
    return new Working(
        WORDS.say("trend"),
        WORDS.say("trend-formula"),
        grown.stream()
            .map(
                g ->
                    new Working.Step(g.day.toString(), String.format(Locale.ROOT, "%.1f cm", g.cm)))
            .toList(),
        WORDS.say("trend-result", each, Math.expm1(error) * 100),
        WORDS.say("trend-source"));
  }
}
