package org.mildlantern.core.water;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.mildlantern.core.knowledge.Retention;
import org.mildlantern.core.words.Words;

/**
 * How far the water that a pot holds may lie from what is worked out, because batches of a medium
 * differ: eight in ten lie between.
 *
 * <p>Each of the three figures of the retention curve is moved by its usual scatter (water when
 * full by a twentieth, α by the factor 1.4, n − 1 by a fifth; rules of thumb after the spread among
 * published substrates), for all materials together, and what that changes is added up as
 * independent errors.
 *
 * @param least ml between just drained and dry
 * @param most ml between just drained and dry
 */
public record Scatter(double least, double most) {
  private static final Words WORDS = Words.of(Scatter.class);

  private static final double FULL = 1.05;
  private static final double ALPHA = 1.4;
  private static final double N = 1.2;

  /** Eight in ten lie within so many standard deviations. */
  private static final double EIGHT_IN_TEN = 1.28;

  public static Scatter of(PotShape pot, Map<Retention, Double> mix) {
    double middle = Holding.of(pot, mix).availableMl();
    double full = available(pot, mix, r -> with(r, r.thetaS() * FULL, r.alpha(), r.n())) - middle;
    double alpha = available(pot, mix, r -> with(r, r.thetaS(), r.alpha() * ALPHA, r.n())) - middle;
    double n =
        available(pot, mix, r -> with(r, r.thetaS(), r.alpha(), 1 + (r.n() - 1) * N)) - middle;
    double off = EIGHT_IN_TEN * Math.sqrt(full * full + alpha * alpha + n * n);
    return new Scatter(Math.max(0, middle - off), middle + off);
  }

  private static double available(
      PotShape pot, Map<Retention, Double> mix, UnaryOperator<Retention> moved) {
    Map<Retention, Double> other = new LinkedHashMap<>();
    mix.forEach((retention, share) -> other.put(moved.apply(retention), share));
    return Holding.of(pot, other).availableMl();
  }

  private static Retention with(Retention r, double thetaS, double alpha, double n) {
    return new Retention(r.id(), r.label(), r.thetaR(), thetaS, alpha, n, r.source());
  }

  /** The band in words, for example “batches differ: 480 to 640 ml in eight of ten”. */
  public String words() {
    return WORDS.say("scatter", least, most);
  }
}
