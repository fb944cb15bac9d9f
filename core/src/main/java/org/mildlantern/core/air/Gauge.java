package org.mildlantern.core.air;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a device measures at a place, with its unit and what it can be at all. */
public enum Gauge {
  TEMPERATURE("air", "°C", -60, 70),
  HUMIDITY("humidity", "%", 0, 100),
  LUX("light", "lux", 0, 200_000),
  PPFD("light", "µmol/m²/s", 0, 3_000),
  GLASS("pane", "°C", -60, 90),
  CO2("carbon dioxide", "ppm", 100, 20_000);

  private final String label;
  private final String unit;
  private final double least;
  private final double most;

  Gauge(String label, String unit, double least, double most) {
    this.label = label;
    this.unit = unit;
    this.least = least;
    this.most = most;
  }

  public String label() {
    return label;
  }

  public String unit() {
    return unit;
  }

  public boolean canBe(double value) {
    return value >= least && value <= most;
  }

  /** {@code -60 to 70 °C}. */
  public String range() {
    return String.format(Locale.ROOT, "%.0f to %.0f %s", least, most, unit);
  }

  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }

  public static Optional<Gauge> of(String id) {
    return Arrays.stream(values()).filter(gauge -> gauge.id().equalsIgnoreCase(id)).findFirst();
  }
}
