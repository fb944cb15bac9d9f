package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelRate.Per;
import org.mildlantern.core.label.LabelRate.What;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * How much of a product a label's rate comes to: for a jug of mix, for each plant or pot, for an
 * area, or for so much medium.
 *
 * <p>The lower end of a label's range is taken. The amount is rounded to what the keeper's gauges
 * can measure, never above the label's upper end; what is too little for them goes by a stock.
 *
 * <p>Example: 5 ml/L for 0.8 L is 4 ml, by a 5 ml syringe without error, in 796 ml of water.
 *
 * @param of litres of mix, plants, pots, square metres or litres of medium
 * @param exact in ml, g or tablets; for each plant or pot where the rate is for these
 * @param stock by which it is measured, or null
 * @param waterMl to fill up with; for solids the whole jug; 0 when nothing is mixed
 */
public record Dose(
    LabelRate rate,
    double of,
    double exact,
    Measured measure,
    Stock stock,
    double waterMl,
    Working working) {
  /**
   * What is measured in its place, with what, and the error of that.
   *
   * @param gauge what to measure with; null with a stock, and for tablets
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

  /** Less cannot be sprayed or poured evenly, ml. Rule of thumb. */
  public static final double LEAST_ML = 20;

  private static final double MOST = 1000;

  /**
   * Works out the dose.
   *
   * @param owned what the keeper can measure with
   * @throws IllegalArgumentException when the jug is too small or beyond 1000 L, or nothing that is
   *     owned measures the amount; the message says what would work
   */
  public static Dose of(LabelRate rate, double of, List<Gauge> owned) {
    check(rate, of);
    double times = rate.each() ? 1 : of;
    double exact = rate.least() * times;
    double limit = rate.most() * times;
    if (rate.what() == What.TABLET) {
      return tablets(rate, of, exact);
    }
    Optional<Measured> direct = direct(rate, exact, limit, owned);
    Stock stock =
        direct.filter(m -> Math.abs(m.error()) < Stock.ROUGH).isPresent() || !rate.mixed()
            ? null
            : Stock.of(exact, limit, of * 1000, rate.solid(), owned).orElse(null);
    Measured measured =
        stock != null
            ? new Measured(exact * (1 + stock.error()), null, stock.error())
            : direct
                .filter(m -> Math.abs(m.error()) < 2 * Stock.ROUGH)
                .orElseThrow(() -> new IllegalArgumentException(wouldWork(rate, exact, owned)));
    double water = !rate.mixed() ? 0 : 1000 * of - (rate.solid() ? 0 : measured.measured());
    return new Dose(rate, of, exact, measured, stock, water, working(rate, of, exact, measured));
  }

  private static void check(LabelRate rate, double of) {
    if (!(of > 0) || of > MOST) {
      throw new IllegalArgumentException(WORDS.say("dose.bounds", noun(rate.per()), MOST));
    }
    if (rate.each() && of != Math.rint(of)) {
      throw new IllegalArgumentException("Whole numbers of plants, please.");
    }
    if (rate.mixed() && of * 1000 < LEAST_ML) {
      throw new IllegalArgumentException(
          WORDS.say("dose.little-mix", amount(of * 1000, "ml"), LEAST_ML));
    }
  }

  private static Dose tablets(LabelRate rate, double of, double exact) {
    double whole = Math.rint(exact);
    if (Math.abs(whole - exact) > 1e-6 * exact || whole < 1) {
      throw new IllegalArgumentException(
          rate.mixed()
              ? WORDS.say("dose.whole-tablet", amount(1 / rate.least(), "L"))
              : "The label gives no whole tablet for that; tablets are not cut.");
    }
    Measured measured = new Measured(whole, null, 0);
    return new Dose(
        rate,
        of,
        exact,
        measured,
        null,
        rate.mixed() ? 1000 * of : 0,
        working(rate, of, exact, measured));
  }

  private static Optional<Measured> direct(
      LabelRate rate, double exact, double limit, List<Gauge> owned) {
    return Gauge.nearest(owned, rate.solid(), exact, limit).stream()
        .filter(g -> g.rounded(exact, limit) > 0)
        .findFirst()
        .map(g -> new Measured(g.rounded(exact, limit), g, g.rounded(exact, limit) / exact - 1));
  }

  /** Why nothing measures it, and how much mix or which measure would do. */
  private static String wouldWork(LabelRate rate, double exact, List<Gauge> owned) {
    String amount = amount(exact, rate.unit());
    double least =
        owned.stream()
            .filter(gauge -> gauge.solid() == rate.solid())
            .mapToDouble(Gauge::least)
            .min()
            .orElse(Double.NaN);
    if (Double.isNaN(least)) {
      return WORDS.say("dose.no-gauge", amount, rate.solid() ? "yes" : "no");
    }
    if (exact >= least) {
      return WORDS.say("dose.large", amount);
    }
    return rate.mixed()
        ? WORDS.say("dose.small", amount, amount(least / rate.least(), "L"))
        : WORDS.say("dose.small-each", amount);
  }

  private static Working working(LabelRate rate, double of, double exact, Measured measured) {
    List<Step> steps = new ArrayList<>();
    steps.add(new Step("Label", rate.printed()));
    steps.add(new Step("Read as", rate.asRead(), rate.words()));
    if (rate.most() > rate.least()) {
      steps.add(new Step("Lower end", amount(rate.least(), rate.unit())));
    }
    steps.add(new Step(rate.mixed() ? "Mix" : "For", amount(of, noun(rate.per()))));
    steps.add(new Step("Exactly", amount(exact, rate.unit())));
    if (measured.gauge() != null) {
      steps.add(
          new Step(
              "Measured",
              amount(measured.measured(), rate.unit()),
              WORDS.say("dose.rounding", measured.gauge().label(), 100 * measured.error())));
    }
    return new Working(
        "Dose",
        rate.mixed() ? "rate × volume; water = volume − product" : "rate × number",
        steps,
        amount(measured.measured(), rate.unit()),
        "the label; spoons, ounces and gallons by NIST Handbook 44");
  }

  /** Of what a rate is for so many, after a number. */
  public static String noun(Per per) {
    return switch (per) {
      case LITRE -> "L";
      case AREA -> "m²";
      case PLANT -> "plants";
      case POT -> "pots";
      case MEDIUM -> "L of medium";
    };
  }

  /** What leaves the bottle, in the unit of the rate. */
  public double drawn() {
    return (stock == null ? measured() : stock.product()) * (rate.each() ? of : 1);
  }

  /** The dose in one line, for example {@code 4 ml in 796 ml of water}. */
  public String words() {
    boolean several = rate.what() == What.TABLET && measured() > 1;
    String product = amount(measured(), rate.unit()) + (several ? "s" : "");
    if (!rate.mixed()) {
      return WORDS.say("dose.dry", product, rate.per().name(), amount(of, noun(rate.per())));
    }
    return WORDS.say("dose.in-water", product, amount(waterMl, "ml"));
  }

  /** How to measure it, step by step. */
  public List<String> measuring() {
    if (stock != null) {
      return List.of(
          WORDS.say(
              "dose.stock-first",
              amount(stock.product(), rate.unit()),
              stock.by().label(),
              amount(stock.ml(), "ml")),
          WORDS.say(
              "dose.stock-then",
              amount(stock.take(), "ml"),
              stock.takenBy().label(),
              amount(of * 1000, "ml")));
    }
    return gauge() == null
        ? List.of()
        : List.of(
            WORDS.say(
                "dose.by", WORDS.say("dose.gauge", gauge().label(), gauge().goes(measured()))));
  }

  public boolean roughly() {
    return Math.abs(error()) > NOTABLE;
  }

  /** An amount with a sensible number of digits. */
  public static String amount(double value, String unit) {
    String pattern = value >= 100 ? "%.0f" : value >= 10 ? "%.1f" : value >= 0.1 ? "%.2f" : "%.3f";
    String digits = String.format(Locale.ROOT, pattern, value);
    if (digits.contains(".")) {
      digits = digits.replaceFirst("\\.?0+$", "");
    }
    return digits + " " + unit;
  }
}
