package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * How much of a product goes into today's jug.
 *
 * <p>The lower end of a label's range is taken. The amount is rounded to what the keeper's gauges
 * can measure, never above the label's upper end.
 *
 * <p>Example: 5 ml/L for 0.8 L is 4 ml, by a 5 ml syringe without error, in 796 ml of water.
 *
 * @param waterMl to fill up with; for solids the whole jug
 */
public record Dose(
    LabelRate rate,
    double litres,
    double exact,
    Measured measure,
    double waterMl,
    Working working) {
  /**
   * What is measured in its place, with what, and the error of that.
   *
   * @param gauge what to measure with, or null when none of the keeper's can
   * @param error of rounding, as a share of the exact amount
   */
  public record Measured(double measured, Gauge gauge, double error) {}

  public double measured() {
    return measure.measured();
  }

  public Gauge gauge() {
    return measure.gauge();
  }

  public double error() {
    return measure.error();
  }

  private static final Words WORDS = Words.of(Dose.class);

  /** An error of rounding above which the page says so. Rule of thumb. */
  public static final double NOTABLE = 0.05;

  private static final double MOST_LITRES = 1000;

  /**
   * Works out the dose.
   *
   * @param owned what the keeper can measure with
   * @throws IllegalArgumentException when the jug is empty or beyond 1000 L
   */
  public static Dose of(LabelRate rate, double litres, List<Gauge> owned) {
    if (!(litres > 0) || litres > MOST_LITRES) {
      throw new IllegalArgumentException("More than nothing and at most 1000 litres, please.");
    }
    double exact = rate.least() * litres;
    double limit = rate.most() * litres;
    Gauge gauge =
        Gauge.nearest(owned, rate.solid(), exact, limit).stream()
            .filter(g -> g.rounded(exact, limit) > 0)
            .findFirst()
            .orElse(null);
    double measured = gauge == null ? exact : gauge.rounded(exact, limit);
    double error = measured / exact - 1;
    double water = rate.solid() ? litres * 1000 : litres * 1000 - measured;
    List<Step> steps = new ArrayList<>();
    steps.add(new Step("Label", rate.printed()));
    steps.add(
        new Step(
            "In a litre of mix",
            amount(rate.least(), rate.unit()),
            rate.most() > rate.least() ? "lower end of the range" : ""));
    steps.add(new Step("Mix", amount(litres, "L")));
    steps.add(new Step("Exactly", amount(exact, rate.unit())));
    if (gauge != null) {
      steps.add(
          new Step(
              "Measured",
              amount(measured, rate.unit()),
              WORDS.say("dose.rounding", gauge.label(), 100 * error)));
    }
    return new Dose(
        rate,
        litres,
        exact,
        new Measured(measured, gauge, error),
        water,
        new Working(
            "Dose",
            "rate × volume; water = volume − product",
            steps,
            amount(measured, rate.unit()),
            "the label; spoons, ounces and gallons by NIST Handbook 44"));
  }

  /** What to measure with, in words; empty when nothing fits. */
  public String by() {
    if (gauge() == null) {
      return "";
    }
    int goes = gauge().goes(measured());
    return WORDS.say("dose.gauge", gauge().label(), goes);
  }

  public boolean roughly() {
    return Math.abs(error()) > NOTABLE;
  }

  /** An amount with a sensible number of digits. */
  public static String amount(double value, String unit) {
    String pattern = value >= 100 ? "%.0f" : value >= 10 ? "%.1f" : "%.2f";
    String digits = String.format(Locale.ROOT, pattern, value);
    if (digits.contains(".")) {
      digits = digits.replaceFirst("\\.?0+$", "");
    }
    return digits + " " + unit;
  }
}
