package org.mildlantern.core.light;

/**
 * How far the light that is worked out for a spot is to be trusted: what it is multiplied by, and
 * how sure that is.
 *
 * @param factor 1 while nothing was measured
 * @param spread standard deviation of the factor's logarithm
 */
public record Trust(double factor, double spread) {
  /** Known from drawn windows or from the open sky only. Rules of thumb. */
  public static final Trust DRAWN = new Trust(1, 0.3);

  public static final Trust OUTDOORS = new Trust(1, 0.12);

  /** Guessed from a direction and a word. */
  public static final Trust GUESSED = new Trust(1, 0.5);

  /** Guessed from a word only. */
  public static final Trust BY_WORD = new Trust(1, 0.7);

  /** Eight in ten lie within so many standard deviations. */
  static final double EIGHT_IN_TEN = 1.2816;

  /** A reading so far from what is expected is not of this spot or not of this sky. */
  private static final double FARTHEST = 12;

  /** No daylight on earth is brighter, µmol/m²/s. */
  private static final double BRIGHTEST = 2600;

  /** How far two stands behind the same windows may differ from what is worked out. */
  private static final double ELSEWHERE = 0.25;

  /** What was learned at one stand says of another behind the same windows. Rule of thumb. */
  public Trust elsewhere() {
    return new Trust(factor, Math.hypot(spread, ELSEWHERE));
  }

  /** Whether daylight can be so bright at all. */
  public static boolean canBe(double read) {
    return read > 0 && read <= BRIGHTEST;
  }

  /** Whether a reading can be of the spot, by what is expected there and then. */
  public static boolean fits(double expected, double read) {
    return read <= expected * FARTHEST && read >= expected / FARTHEST;
  }

  /**
   * What a reading teaches, by Bayes on the logarithm.
   *
   * @param expected what was worked out for its moment, µmol/m²/s
   * @param read what was read, µmol/m²/s
   * @param error standard deviation of the logarithm of such a reading
   */
  public Trust after(double expected, double read, double error) {
    double before = 1 / (spread * spread);
    double weight = 1 / (error * error);
    double log =
        (Math.log(factor) * before + Math.log(read / expected) * weight) / (before + weight);
    return new Trust(Math.exp(log), Math.sqrt(1 / (before + weight)));
  }
}
