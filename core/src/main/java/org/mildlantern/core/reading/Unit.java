package org.mildlantern.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Units as keepers write them.
 *
 * <p>Ounces are of volume or of weight by what is measured. A fluid ounce is the US one, 29.57 ml;
 * the imperial one is 4 % less, within what a jug shows. Cups, pints, quarts and gallons differ by
 * a fifth from country to country and are asked back.
 */
public enum Unit {
  ML(
      Dimension.VOLUME,
      1,
      "ml",
      "mls",
      "cc",
      "millilitre",
      "millilitres",
      "milliliter",
      "milliliters"),
  CL(Dimension.VOLUME, 10, "cl"),
  DL(Dimension.VOLUME, 100, "dl"),
  L(Dimension.VOLUME, 1000, "l", "litre", "litres", "liter", "liters", "ltr"),
  FL_OZ(Dimension.VOLUME, 29.5735, "fl oz", "fl. oz", "floz", "fluid ounce", "fluid ounces"),
  TSP(Dimension.VOLUME, 4.92892, "tsp", "teaspoon", "teaspoons"),
  TBSP(Dimension.VOLUME, 14.7868, "tbsp", "tablespoon", "tablespoons"),
  CUP(Dimension.UNCLEAR_VOLUME, Double.NaN, "cup", "cups"),
  PINT(Dimension.UNCLEAR_VOLUME, Double.NaN, "pint", "pints", "pt"),
  QUART(Dimension.UNCLEAR_VOLUME, Double.NaN, "quart", "quarts", "qt"),
  GALLON(Dimension.UNCLEAR_VOLUME, Double.NaN, "gallon", "gallons", "gal"),
  OZ(Dimension.OUNCE, Double.NaN, "oz", "ounce", "ounces"),
  G(Dimension.MASS, 1, "g", "gr", "gram", "grams", "gramme", "grammes"),
  KG(Dimension.MASS, 1000, "kg", "kilo", "kilos", "kilogram", "kilograms"),
  MG(Dimension.MASS, 0.001, "mg"),
  LB(Dimension.MASS, 453.592, "lb", "lbs", "pound", "pounds"),
  MM(Dimension.LENGTH, 0.1, "mm"),
  CM(Dimension.LENGTH, 1, "cm"),
  INCH(Dimension.LENGTH, 2.54, "inch", "inches", "\""),
  PPM(Dimension.PPM, 1, "ppm", "parts per million", "mg/l"),
  MS_CM(Dimension.CONDUCTIVITY, 1, "ms/cm", "ds/m", "ms"),
  US_CM(Dimension.CONDUCTIVITY, 0.001, "µs/cm", "μs/cm", "us/cm", "µs", "μs"),
  G_L(Dimension.GRAMS_A_LITRE, 1, per("g", "gram", "grams")),
  ML_L(Dimension.ML_A_LITRE, 1, per("ml", "millilitre", "millilitres")),
  TSP_L(Dimension.ML_A_LITRE, 4.92892, per("tsp", "teaspoon", "teaspoons")),
  LUX(Dimension.LUX, 1, "lux", "lx"),
  KLUX(Dimension.LUX, 1000, "klux", "klx"),
  PPFD(Dimension.PPFD, 1, "µmol", "μmol", "umol", "ppfd", "micromol"),
  PERCENT(Dimension.PERCENT, 1, "%", "percent", "per cent", "pct"),
  CELSIUS(Dimension.CELSIUS, 1, "°c", "º c", "° c", "degrees c", "celsius", "c"),
  FAHRENHEIT(Dimension.FAHRENHEIT, 1, "°f", "° f", "degrees f", "fahrenheit", "f"),
  DEGREES(Dimension.UNCLEAR_DEGREES, Double.NaN, "°", "degrees", "degree"),
  TIMES(Dimension.TIMES, 1, "times", "x", "×"),
  SPAN(
      Dimension.TIME,
      Double.NaN,
      "seconds",
      "minute",
      "minutes",
      "min",
      "mins",
      "hour",
      "hours",
      "hrs",
      "h",
      "day",
      "days",
      "week",
      "weeks",
      "month",
      "months",
      "year",
      "years");

  /** What a unit measures; {@link #inBase} is in ml, g, cm, ppm, mS/cm and so on. */
  public enum Dimension {
    VOLUME,
    UNCLEAR_VOLUME,
    OUNCE,
    MASS,
    LENGTH,
    PPM,
    CONDUCTIVITY,
    GRAMS_A_LITRE,
    ML_A_LITRE,
    LUX,
    PPFD,
    PERCENT,
    CELSIUS,
    FAHRENHEIT,
    UNCLEAR_DEGREES,
    TIMES,
    TIME
  }

  /** Millilitres of a US fluid ounce and grams of an ounce. */
  static final double OUNCE_ML = 29.5735;

  static final double OUNCE_G = 28.3495;

  private record Alias(String text, Unit unit) {}

  private static final List<Alias> ALIASES = aliases();

  /** Any unit's alias where a number ends, as a group. */
  static final String REGEX = regex();

  private final Dimension dimension;
  private final double factor;
  private final String[] names;

  Unit(Dimension dimension, double factor, String... names) {
    this.dimension = dimension;
    this.factor = factor;
    this.names = names;
  }

  private static String[] per(String... amounts) {
    List<String> all = new ArrayList<>();
    for (String amount : amounts) {
      for (String litre : new String[] {"l", "litre", "liter"}) {
        all.add(amount + "/" + litre);
        all.add(amount + " per " + litre);
        all.add(amount + " a " + litre);
      }
    }
    return all.toArray(String[]::new);
  }

  private static List<Alias> aliases() {
    List<Alias> all = new ArrayList<>();
    for (Unit unit : values()) {
      for (String name : unit.names) {
        all.add(new Alias(name, unit));
      }
    }
    all.sort(Comparator.comparingInt((Alias alias) -> -alias.text.length()));
    return all;
  }

  private static String regex() {
    StringBuilder any = new StringBuilder("(");
    for (Alias alias : ALIASES) {
      any.append(any.length() == 1 ? "" : "|")
          .append(Pattern.quote(alias.text).replace(" ", "\\E\\s+\\Q"));
      if (Character.isLetter(alias.text.charAt(alias.text.length() - 1))) {
        any.append(alias.unit == TIMES ? "(?!\\p{L})" : "(?![\\p{L}\\d])");
      }
    }
    return any.append(")").toString();
  }

  static Unit named(String text) {
    String plain = text.replaceAll("\\s+", " ");
    return ALIASES.stream()
        .filter(alias -> alias.text.equals(plain))
        .map(Alias::unit)
        .findFirst()
        .orElseThrow();
  }

  public Dimension dimension() {
    return dimension;
  }

  double inBase(double value) {
    return value * factor;
  }
}
