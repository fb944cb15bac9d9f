package org.mildlantern.core.label;

/**
 * Where a label was printed, by its spoons and gallons. US measures by NIST Handbook 44; the
 * imperial gallon of 4.54609 l; metric spoons of 5 and 15 ml, in Australia 5 and 20 ml.
 */
public enum Region {
  US(
      "US",
      "the United States",
      3.785411784,
      29.5735295625,
      4.92892159375,
      14.78676478125,
      236.5882365),
  UK("British", "Britain or Ireland", 4.54609, 28.4130625, 5, 15, 250),
  AU("Australian", "Australia or New Zealand", 4.54609, 28.4130625, 5, 20, 250),
  /** Labels of the continent are metric; a gallon on one could be either. */
  EU("metric", "the continent of Europe", Double.NaN, Double.NaN, 5, 15, 250);

  private final String label;
  private final String place;
  private final double gallon;
  private final double fluidOunce;
  private final double teaspoon;
  private final double tablespoon;
  private final double cup;

  Region(
      String label,
      String place,
      double gallon,
      double fluidOunce,
      double teaspoon,
      double tablespoon,
      double cup) {
    this.label = label;
    this.place = place;
    this.gallon = gallon;
    this.fluidOunce = fluidOunce;
    this.teaspoon = teaspoon;
    this.tablespoon = tablespoon;
    this.cup = cup;
  }

  public String place() {
    return place;
  }

  /** Whose unit it is: gallons are US or imperial, spoons are metric nearly everywhere. */
  String label(Unit unit) {
    if (this == US || this == AU && unit == Unit.TABLESPOON) {
      return label;
    }
    return unit.ofGallon() ? "imperial" : "metric";
  }

  /** Millilitres in one of a unit that differs by region. */
  double millilitres(Unit unit) {
    return switch (unit) {
      case GALLON -> gallon * 1000;
      case QUART -> gallon * 250;
      case PINT -> gallon * 125;
      case FLUID_OUNCE -> fluidOunce;
      case TEASPOON -> teaspoon;
      case TABLESPOON -> tablespoon;
      case CUP -> cup;
      default -> throw new IllegalArgumentException(unit + " is the same everywhere");
    };
  }
}
