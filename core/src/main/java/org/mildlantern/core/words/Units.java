package org.mildlantern.core.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The units in which a keeper reads and types warmth, widths and drinks. All that is kept and
 * computed is metric.
 */
public enum Units {
  METRIC("°C, cm, ml"),
  /** As in the United States: one inch is 2.54 cm, one fluid ounce 29.5735 ml (NIST HB 44). */
  CUSTOMARY("°F, inches, fl oz");

  private static final double OUNCE_ML = 29.5735295625;
  private static final double GALLON_OUNCES = 128;

  /** What is less than this is drawn with a syringe, whose marks are millilitres everywhere. */
  private static final double SYRINGE_ML = 30;

  /** Decimal places of a field. */
  private static final int FINEST = 3;

  private static final String NUMBER = "(?:(?<![\\d.])[−-])?\\d+(?:\\.\\d+)?";
  private static final Pattern FIGURE = Pattern.compile(NUMBER);
  private static final Pattern FIGURES =
      Pattern.compile(
          "(?<![\\w.,:/°])((?:%1$s(?: ?[–×x-] ?| (?:to|or|and|by) ))*%1$s)[  ]?(°C|cm|ml|L)(?![\\w/²³])(?! (?:a|per|to a|in a) (?:litre|l)\\b)"
              .formatted(NUMBER));
  private static final Pattern TYPED =
      Pattern.compile("([−-]?\\d{1,6}(?:[.,]\\d{1,4})?)\\s*(\\D{0,12})");

  private final String label;

  Units(String label) {
    this.label = label;
  }

  /** What is measured. */
  public enum Measure {
    /** Warmth in °C. */
    WARMTH("°C", "°F"),
    /** Width, depth or height in cm. */
    WIDTH("cm", "in"),
    /** What has one unit everywhere, which its label says. */
    PLAIN("", "");

    private final String metric;
    private final String customary;

    Measure(String metric, String customary) {
      this.metric = metric;
      this.customary = customary;
    }

    private double toCustomary(double value) {
      return switch (this) {
        case WARMTH -> value * 9 / 5 + 32;
        case WIDTH -> value / 2.54;
        case PLAIN -> value;
      };
    }

    private double toMetric(double value) {
      return switch (this) {
        case WARMTH -> (value - 32) * 5 / 9;
        case WIDTH -> value * 2.54;
        case PLAIN -> value;
      };
    }

    /** Whose unit is written; null when it is neither's, empty words are nobody's. */
    private Units unit(String written, Units otherwise) {
      return switch (this) {
        case WARMTH ->
            switch (written.replaceAll("^(°|deg(rees)?\\.?)\\s*", "")) {
              case "" -> otherwise;
              case "c", "celsius" -> METRIC;
              case "f", "fahrenheit" -> CUSTOMARY;
              default -> null;
            };
        case PLAIN -> written.isEmpty() ? METRIC : null;
        case WIDTH ->
            switch (written) {
              case "" -> otherwise;
              case "cm", "centimetres", "centimeters" -> METRIC;
              case "in", "in.", "inch", "inches", "\"", "″", "”" -> CUSTOMARY;
              default -> null;
            };
      };
    }
  }

  public String label() {
    return label;
  }

  /** The sign of a measure's unit, {@code °F}. */
  public String sign(Measure measure) {
    return this == METRIC ? measure.metric : measure.customary;
  }

  public String warmth() {
    return sign(Measure.WARMTH);
  }

  public String width() {
    return sign(Measure.WIDTH);
  }

  /** Warmth as it is put into a field, without its unit. */
  public String warmthWritten(double celsius) {
    return written(Measure.WARMTH, celsius);
  }

  /** A metric value as it is put into a field, without its unit: the shortest that says it. */
  public String written(Measure measure, double value) {
    if (this == METRIC || measure == Measure.PLAIN) {
      return field(value, FINEST);
    }
    double own = measure.toCustomary(value);
    for (int places = 0; places < FINEST; places++) {
      String text = field(own, places);
      if (read(measure, text).orElseThrow() == value) {
        return text;
      }
    }
    return field(own, FINEST);
  }

  private static String field(double value, int places) {
    return plain(value, places).replace('−', '-');
  }

  /**
   * What was typed into a field, in the metric unit; in these units unless it says another. Empty
   * when it is no figure of that measure.
   */
  public OptionalDouble read(Measure measure, String typed) {
    Matcher parts = TYPED.matcher(typed.strip());
    Units in =
        parts.matches()
            ? measure.unit(parts.group(2).strip().toLowerCase(Locale.ROOT), this)
            : null;
    if (in == null) {
      return OptionalDouble.empty();
    }
    double value = number(parts.group(1).replace(',', '.'));
    return OptionalDouble.of(
        in == METRIC
            ? value
            : BigDecimal.valueOf(measure.toMetric(value))
                .setScale(2, RoundingMode.HALF_UP)
                .doubleValue());
  }

  /**
   * A text with its metric figures in these units: {@code 18 to 24 °C} is {@code 64 to 75 °F}. What
   * is not a number with its unit behind it, a dose or a rate, stays as it is.
   */
  public String shown(String text) {
    if (this == METRIC || text.indexOf('°') < 0 && !text.contains("cm") && !hasVolume(text)) {
      return text;
    }
    return FIGURES.matcher(text).replaceAll(found -> Matcher.quoteReplacement(customary(found)));
  }

  private static boolean hasVolume(String text) {
    return text.contains("ml") || text.indexOf('L') >= 0;
  }

  private static String customary(MatchResult found) {
    String figures = found.group(1);
    return switch (found.group(2)) {
      case "°C" -> each(figures, v -> Measure.WARMTH.toCustomary(v), 0, 0) + " °F";
      case "cm" -> each(figures, v -> Measure.WIDTH.toCustomary(v), 1, 1) + " in";
      case "ml" -> greatest(figures) < SYRINGE_ML ? found.group() : drink(figures, OUNCE_ML);
      default -> drink(figures, OUNCE_ML / 1000);
    };
  }

  private static String drink(String figures, double ounce) {
    double most = greatest(figures) / ounce;
    return most >= GALLON_OUNCES
        ? each(figures, v -> v / ounce / GALLON_OUNCES, 1, 1) + " gal"
        : each(figures, v -> v / ounce, most < 10 ? 1 : 0, most < 10 ? 1 : 0) + " fl oz";
  }

  private static double greatest(String figures) {
    return FIGURE
        .matcher(figures)
        .results()
        .mapToDouble(found -> number(found.group()))
        .max()
        .orElseThrow();
  }

  private static String each(
      String figures, java.util.function.DoubleUnaryOperator to, int finely, int coarsely) {
    return FIGURE
        .matcher(figures)
        .replaceAll(
            found ->
                plain(
                    to.applyAsDouble(number(found.group())),
                    found.group().contains(".") ? finely : coarsely));
  }

  private static double number(String written) {
    return Double.parseDouble(written.replace('−', '-'));
  }

  private static String plain(double value, int places) {
    if (!Double.isFinite(value)) {
      return String.valueOf(value);
    }
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
    String text = rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    return text.replace('-', '−');
  }
}
