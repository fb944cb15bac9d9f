package org.mildlantern.core.sheet;

import java.util.Optional;

/** A unit of the width of a pot. */
public enum Length {
  CM("cm", 1),
  INCH("inches", 2.54),
  MM("mm", 0.1);

  private final String label;
  private final double cm;

  Length(String label, double cm) {
    this.label = label;
    this.cm = cm;
  }

  public String label() {
    return label;
  }

  /** Centimetres, to the nearest millimetre. */
  double inCm(double value) {
    return Math.round(value * cm * 10) / 10.0;
  }

  /** The unit that a word or sign names. */
  static Optional<Length> of(String word) {
    return switch (word.strip().toLowerCase(java.util.Locale.ROOT)) {
      case "cm", "cms", "centimetre", "centimetres", "centimeter", "centimeters" -> Optional.of(CM);
      case "mm", "millimetres", "millimeters" -> Optional.of(MM);
      case "in", "ins", "inch", "inches", "\"", "”", "″", "''", "“" -> Optional.of(INCH);
      default -> Optional.empty();
    };
  }
}
