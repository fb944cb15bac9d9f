package org.mildlantern.core.feed;

/** Conductivity as meters show it. */
public final class Conductivity {
  /** It grows by so much for each degree, of its value at 25 °C (Standard Methods 2510). */
  private static final double EACH_DEGREE = 0.0191;

  private Conductivity() {}

  /** At 25 °C, of one that was read at another warmth without correction. */
  public static double at25(double read, double celsius) {
    if (!(celsius >= 0 && celsius <= 60)) {
      throw new IllegalArgumentException("water is read at 0 to 60 °C");
    }
    return read / (1 + EACH_DEGREE * (celsius - 25));
  }

  /** Scales by which meters turn conductivity into ppm: so many for each mS/cm. */
  public enum Scale {
    /** As sodium chloride. */
    S500(500),
    /** As many laboratories and irrigation tables do. */
    S640(640),
    /** As a mixture of salts of natural waters. */
    S700(700);

    private final double ppm;

    Scale(double ppm) {
      this.ppm = ppm;
    }

    /** µS/cm of so many ppm on the meter. */
    public double ecUsCm(double shown) {
      return shown / ppm * 1000;
    }

    public double shown(double ecUsCm) {
      return ecUsCm / 1000 * ppm;
    }

    public int ppm() {
      return (int) ppm;
    }
  }
}
