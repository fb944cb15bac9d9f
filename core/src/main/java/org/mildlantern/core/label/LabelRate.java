package org.mildlantern.core.label;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;

/**
 * How much of a product a label asks for.
 *
 * @param printed what was typed
 * @param asRead the same in the words in which it was read, for the keeper to compare
 * @param least of the product for one of what it is for; in ml, g or tablets
 * @param most the same at the upper end of a range; equal to least when there is none
 * @param what is measured
 * @param per what it is for
 */
public record LabelRate(
    String printed, String asRead, double least, double most, What what, Per per) {
  /** Stronger than half no mix is, in ml or g in a litre. */
  static final double MOST = 500;

  /** In what the product is measured. */
  public enum What {
    ML("ml"),
    G("g"),
    TABLET("tablet");

    private final String unit;

    What(String unit) {
      this.unit = unit;
    }

    public String unit() {
      return unit;
    }
  }

  /** For what an amount is. */
  public enum Per {
    /** A litre of the finished mix. */
    LITRE("l", "in 1 l of mix"),
    /** A square metre. */
    AREA("m2", "on 1 m²"),
    PLANT("plant", "for each plant"),
    POT("pot", "for each pot"),
    /** A litre of potting medium; nothing to thin with water. */
    MEDIUM("l medium", "in 1 l of medium");

    private final String unit;
    private final String words;

    Per(String unit, String words) {
      this.unit = unit;
      this.words = words;
    }

    public String unit() {
      return unit;
    }

    public String words() {
      return words;
    }
  }

  /** Whether anybody could mix it so. */
  public boolean possible() {
    return most <= (mixed() ? MOST : 200 * MOST);
  }

  public boolean solid() {
    return what == What.G;
  }

  /** Whether it can be drawn from what is counted in ml or g; tablets are counted by themselves. */
  public boolean fits(String unit) {
    return what == What.TABLET || what.unit().equals(unit);
  }

  /** Whether it is measured anew for each plant or pot. */
  public boolean each() {
    return per == Per.PLANT || per == Per.POT;
  }

  /** Whether it is mixed with water by the litre. */
  public boolean mixed() {
    return per == Per.LITRE;
  }

  /** What the product is measured in: ml, g or tablet. */
  public String unit() {
    return what.unit();
  }

  /** The unit of the rate, for example {@code ml/l}. */
  public String perUnit() {
    return what.unit() + "/" + per.unit();
  }

  /** The rate in plain units, such that it is read again as the same. */
  public String plain() {
    return range() + " " + perUnit();
  }

  /** What it comes to, for example {@code 2.5 ml in 1 l of mix}. */
  public String words() {
    return shown()
        + " "
        + what.unit()
        + (what == What.TABLET && most > 1 ? "s" : "")
        + " "
        + per.words();
  }

  private String range() {
    return most > least ? number(least) + " to " + number(most) : number(least);
  }

  private String shown() {
    return most > least ? shown(least) + " to " + shown(most) : shown(least);
  }

  /** Three digits that count are as many as anybody measures. */
  private static String shown(double value) {
    return new BigDecimal(value).round(new MathContext(3)).stripTrailingZeros().toPlainString();
  }

  /** Digits that cannot be taken for thousands: never just three after the point. */
  static String number(double value) {
    String digits = String.format(Locale.ROOT, "%.6g", value);
    if (digits.contains("e")) {
      digits = new BigDecimal(digits).toPlainString();
    }
    if (digits.contains(".")) {
      digits = digits.replaceFirst("\\.?0+$", "");
    }
    boolean three = digits.matches("[1-9]\\d{0,2}\\.\\d{3}");
    return three ? digits + "0" : digits;
  }

  /** Whether two readings come to the same within rounding. */
  boolean like(LabelRate other) {
    return what == other.what
        && per == other.per
        && near(least, other.least)
        && near(most, other.most);
  }

  /** Two per cent: a US teaspoon and a metric one measure alike. */
  private static boolean near(double a, double b) {
    return Math.abs(a - b) <= 0.02 * Math.max(a, b);
  }
}
