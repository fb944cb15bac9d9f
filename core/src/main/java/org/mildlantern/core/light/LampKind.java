package org.mildlantern.core.light;

/**
 * Kinds of lamps, by the photons that they give for each joule and for each lux. For when their
 * sheet tells watts only, or when a meter made for the eye is held under them.
 *
 * <p>Photons for each joule: lamps of common quality as Nelson & Bugbee (2014) measured them, white
 * LED by what sheets of the years since say; a lamp may be a third off. Photons for each lux:
 * Thimijan & Heins (1983), LED by rule of thumb.
 */
public enum LampKind {
  WHITE_LED("white LED", 2.0, 0.0150),
  /** Red and blue, which looks pink or violet. */
  RED_BLUE_LED("red and blue LED", 2.2, 0.0500),
  FLUORESCENT("fluorescent tube", 0.85, 0.0135),
  SODIUM("high-pressure sodium", 1.3, 0.0122),
  METAL_HALIDE("metal halide", 1.1, 0.0141),
  BULB("glowing bulb", 0.3, 0.0200);

  /** How far a lamp may be from its kind: standard deviation of the logarithm. Rule of thumb. */
  static final double BY_WATT = 0.25;

  private final String label;
  private final double micromolAJoule;
  private final double micromolALux;

  LampKind(String label, double micromolAJoule, double micromolALux) {
    this.label = label;
    this.micromolAJoule = micromolAJoule;
    this.micromolALux = micromolALux;
  }

  public String label() {
    return label;
  }

  /** Photons that a lamp of so many watts gives, µmol/s. */
  public double ppf(double watts) {
    return watts * micromolAJoule;
  }

  /** Photons of so many lux of its light, µmol/m²/s. */
  public double ppfd(double lux) {
    return lux * micromolALux;
  }
}
