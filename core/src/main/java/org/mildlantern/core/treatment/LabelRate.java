package org.mildlantern.core.treatment;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.words.Words;

/**
 * How much of a product a label asks for, as printed.
 *
 * <p>Read are {@code 5 ml/L}, {@code 2.5 g per 10 litres}, {@code 0.5 %}, {@code 1:200}, {@code 2
 * tsp/gal}, {@code 1-2 tbsp per gallon}, {@code 1 fl oz/gal}. Gallons, spoons and fluid ounces are
 * those of the United States: 3.785 L, 4.929 ml, 14.787 ml and 29.574 ml (NIST Handbook 44).
 * Percent means parts of the finished mix; 1:n means one part in n parts of water.
 *
 * @param printed what was typed
 * @param least of the product in a litre of the finished mix, ml or g
 * @param most the same at the upper end of a range; equal to least when there is none
 * @param solid whether the amount is in grams
 */
public record LabelRate(String printed, double least, double most, boolean solid) {
  private static final Words WORDS = Words.of(LabelRate.class);

  static final double GALLON = 3.785411784;
  static final double TEASPOON = 4.92892159375;
  static final double TABLESPOON = 3 * TEASPOON;
  static final double FLUID_OUNCE = 29.5735295625;
  static final double OUNCE = 28.349523125;

  /** Stronger than this no label of a product to be diluted is, in ml or g a litre. */
  private static final double MOST = 500;

  private static final String NUMBER = "(\\d+(?:[.,]\\d+)?)";
  private static final String RANGE = NUMBER + "(?:\\s*(?:-|–|to)\\s*" + NUMBER + ")?";
  private static final Pattern PERCENT = Pattern.compile(RANGE + "\\s*%");
  private static final Pattern RATIO = Pattern.compile("1\\s*(?::|to|in)\\s*" + NUMBER);
  private static final Pattern PER =
      Pattern.compile(
          RANGE
              + "\\s*(ml|g|tsp|teaspoons?|tbsp|tablespoons?|fl\\.?\\s*oz|oz)\\s*(?:/|per|in|a)\\s*"
              + NUMBER
              + "?\\s*(l|litres?|liters?|ml|gal|gallons?|quarts?|qt)");
  private static final List<String> EXAMPLES = List.of("5 ml/L", "0.5 %", "1:200", "2 tsp/gal");

  /**
   * Reads a rate.
   *
   * @throws IllegalArgumentException when it cannot be read, is zero, or is beyond any label; the
   *     message is meant for the keeper
   */
  public static LabelRate parse(String text) {
    String line = text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    if (line.isEmpty()) {
      throw new IllegalArgumentException("Write the rate as the label prints it.");
    }
    LabelRate rate = read(text.strip(), line);
    if (rate.least <= 0) {
      throw new IllegalArgumentException("A rate of zero does nothing; look at the label again.");
    }
    if (rate.most < rate.least) {
      throw new IllegalArgumentException("The range runs backwards.");
    }
    if (rate.most > MOST) {
      throw new IllegalArgumentException(WORDS.say("label.too-much", MOST));
    }
    return rate;
  }

  private static LabelRate read(String printed, String line) {
    Matcher percent = PERCENT.matcher(line);
    if (percent.matches()) {
      return of(printed, number(percent.group(1)) * 10, percent.group(2), 10, false);
    }
    Matcher ratio = RATIO.matcher(line);
    if (ratio.matches()) {
      double parts = 1000 / (number(ratio.group(1)) + 1);
      return new LabelRate(printed, parts, parts, false);
    }
    Matcher per = PER.matcher(line);
    if (per.matches()) {
      double of = per.group(4) == null ? 1 : number(per.group(4));
      double litres = of * litres(per.group(5));
      if (litres <= 0) {
        throw new IllegalArgumentException("Per how much water? It cannot be none.");
      }
      double unit = unit(per.group(3)) / litres;
      boolean solid = per.group(3).equals("g") || per.group(3).equals("oz");
      return of(printed, number(per.group(1)) * unit, per.group(2), unit, solid);
    }
    throw new IllegalArgumentException(WORDS.say("label.unread", String.join(", ", EXAMPLES)));
  }

  private static LabelRate of(
      String printed, double least, String upper, double unit, boolean solid) {
    return new LabelRate(printed, least, upper == null ? least : number(upper) * unit, solid);
  }

  private static double number(String text) {
    return Double.parseDouble(text.replace(',', '.'));
  }

  private static double unit(String name) {
    if (name.startsWith("fl")) {
      return FLUID_OUNCE;
    }
    return switch (name.substring(0, Math.min(2, name.length()))) {
      case "ts", "te" -> TEASPOON;
      case "tb", "ta" -> TABLESPOON;
      case "oz" -> OUNCE;
      default -> 1;
    };
  }

  private static double litres(String name) {
    if (name.equals("ml")) {
      return 0.001;
    }
    return name.startsWith("g") ? GALLON : name.startsWith("q") ? GALLON / 4 : 1;
  }

  /** The unit of the amounts, ml or g. */
  public String unit() {
    return solid ? "g" : "ml";
  }
}
