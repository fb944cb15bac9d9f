package org.mildlantern.core.raising;

/**
 * The share of pieces that live: what is usual, set right by the keeper’s own batches. It is a beta
 * distribution whose nineteen in twenty span the usual band; each piece that lived or was lost
 * counts as one.
 *
 * <p>Example: of 60 to 90 % usually; after 2 of 10 of one’s own it is 30 to 66 %.
 *
 * @param alpha above 0, as is {@code beta}
 */
public record Take(double alpha, double beta) {
  /** Nineteen in twenty lie within so many standard deviations. */
  private static final double BAND = 2;

  /** A belief is never surer than so many pieces. */
  private static final double MOST = 200;

  /**
   * What is usual.
   *
   * @param least share, with {@code most}: 0 to 1, the least below the most
   * @throws IllegalArgumentException when they are not
   */
  public static Take usual(double least, double most) {
    if (!(least > 0 && least < most && most < 1)) {
      throw new IllegalArgumentException("shares lie between 0 and 1, the least below the most");
    }
    double mean = (least + most) / 2;
    double sd = (most - least) / (2 * BAND);
    double pieces = Math.min(MOST, mean * (1 - mean) / (sd * sd) - 1);
    return new Take(mean * pieces, (1 - mean) * pieces);
  }

  /**
   * The same with what a keeper saw.
   *
   * @param lived pieces, with those {@code lost}, 0 or more
   */
  public Take learn(int lived, int lost) {
    if (lived < 0 || lost < 0) {
      throw new IllegalArgumentException("pieces are counted from 0");
    }
    return new Take(alpha + lived, beta + lost);
  }

  public double mean() {
    return alpha / (alpha + beta);
  }

  private double spread() {
    double all = alpha + beta;
    return Math.sqrt(alpha * beta / (all * all * (all + 1)));
  }

  /** The least of the band of nineteen in twenty. */
  public double least() {
    return Math.max(0, mean() - BAND * spread());
  }

  public double most() {
    return Math.min(1, mean() + BAND * spread());
  }

  /** How many are taken so that so many live, on the safe side of the band. */
  public int takenFor(int wished) {
    return (int) Math.ceil(wished / Math.max(0.05, least()));
  }
}
