package org.mildlantern.core.light;

/** What light is read in, with the photons that plants use in one of it by daylight. */
public enum Photometer {
  /** 0.0185 µmol/m²/s of daylight in a lux (Thimijan & Heins 1983, rounded). */
  LUX("lux", 0.0185),
  /** 10.764 lux. */
  FOOT_CANDLES("foot-candles", 0.0185 * 10.764),
  PPFD("µmol/m²/s", 1);

  private final String label;
  private final double micromol;

  Photometer(String label, double micromol) {
    this.label = label;
    this.micromol = micromol;
  }

  public String label() {
    return label;
  }

  /** What it reads under a lamp as µmol/m²/s. */
  public double ppfd(double read, LampKind lamp) {
    return this == PPFD ? read : lamp.ppfd(read * micromol / LUX.micromol);
  }

  /** What it reads as µmol/m²/s. */
  public double ppfd(double read) {
    return read * micromol;
  }
}
