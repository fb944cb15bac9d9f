package org.mildlantern.core.air;

import java.util.List;
import java.util.Locale;
import org.mildlantern.core.working.Working;

/**
 * Air of a warmth and a humidity, at the pressure of sea level.
 *
 * <p>Example: 20 °C and 50 % hold 8.6 g of water in a cubic metre, want 1.17 kPa more, and dew
 * falls from them at 9.3 °C.
 *
 * @param celsius −50 to 60
 * @param humidity relative, %, above 0 to 100
 */
public record Air(double celsius, double humidity) {
  private static final double PRESSURE_KPA = 101.325;

  /** Gas constant of water vapour, kJ/(kg K). */
  private static final double VAPOUR = 0.461523;

  /** Of the psychrometer with moving air, 1/K (WMO 2018). */
  private static final double PSYCHROMETER = 0.000662;

  public Air {
    if (!(celsius >= -50 && celsius <= 60)) {
      throw new IllegalArgumentException("warmth is −50 to 60 °C");
    }
    if (!(humidity > 0 && humidity <= 100)) {
      throw new IllegalArgumentException("humidity is above 0 to 100 %");
    }
  }

  /** Pressure of vapour that saturates air over water, kPa (Alduchov & Eskridge 1996). */
  public static double saturation(double celsius) {
    return 0.61094 * Math.exp(17.625 * celsius / (243.04 + celsius));
  }

  /** Pressure of its vapour, kPa. */
  public double vapour() {
    return saturation(celsius) * humidity / 100;
  }

  /** Vapour pressure deficit, kPa. */
  public double vpd() {
    return saturation(celsius) - vapour();
  }

  /** Warmth of a surface on which its water begins to settle, °C (Alduchov & Eskridge 1996). */
  public double dewPoint() {
    double log = Math.log(vapour() / 0.61094);
    return 243.04 * log / (17.625 - log);
  }

  /** Water in a cubic metre, g. */
  public double absolute() {
    return vapour() / (VAPOUR * (celsius + 273.15)) * 1000;
  }

  /** What a wet thermometer in a draught shows, °C, by halving (WMO 2018). */
  public double wetBulb() {
    double low = Math.min(dewPoint(), celsius) - 1;
    double high = celsius;
    for (int i = 0; i < 60; i++) {
      double middle = (low + high) / 2;
      double holds =
          saturation(middle)
              - PSYCHROMETER * (1 + 0.000944 * middle) * PRESSURE_KPA * (celsius - middle);
      if (holds < vapour()) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return (low + high) / 2;
  }

  /** Air of a warmth with so much water in a cubic metre, g; at most what it holds. */
  static Air holding(double celsius, double grams) {
    double vapour = grams * VAPOUR * (celsius + 273.15) / 1000;
    return new Air(celsius, Math.max(0.1, Math.min(100, vapour / saturation(celsius) * 100)));
  }

  /** How the deficit is found. */
  public Working working() {
    return new Working(
        "Vapour pressure deficit",
        "saturation × (1 − humidity)",
        List.of(
            new Working.Step("Air", figure(celsius) + " °C, " + figure(humidity) + " %"),
            new Working.Step("Saturation", figure(saturation(celsius)) + " kPa"),
            new Working.Step("Vapour", figure(vapour()) + " kPa")),
        figure(vpd()) + " kPa",
        "Alduchov & Eskridge 1996");
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, Math.abs(value) < 10 ? "%.2f" : "%.0f", value);
  }
}
