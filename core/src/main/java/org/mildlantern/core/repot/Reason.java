package org.mildlantern.core.repot;

/**
 * What speaks for fresh medium, as log-odds: 2.2 makes even odds nine to one. Rules of thumb.
 *
 * @param figure that the keeper is told with it, such as a share; null where there is none
 */
public record Reason(Why why, double logOdds, Double figure) {

  /** What it is. */
  public enum Why {
    /** Share of its life, or of the years between two repottings, that is used. */
    MEDIUM_USED(0),
    CRUMBLED(3),
    SOUR(2.2),
    UNFIT(2.5),
    ROOTS_ROTTEN(4),
    CROWDED(1.6),
    /** It dries in so many times fewer days than it did. */
    DRIES_FASTER(1.2),
    RUNS_PAST(1),
    SALTS(0.7),
    SNOW_MOULD(2);

    private final double logOdds;

    Why(double logOdds) {
      this.logOdds = logOdds;
    }
  }

  private static final double FROM = 0.5;
  private static final double FULL = 3.7;
  private static final double MOST = 6;

  /** What likes a full pot counts crowding by so much. */
  private static final double TIGHT = 0.25;

  public static Reason of(Why why) {
    return new Reason(why, why.logOdds, null);
  }

  /** The same with a figure. */
  public static Reason of(Why why, double figure) {
    return new Reason(why, why.logOdds, figure);
  }

  /**
   * Of a medium.
   *
   * @param share used of its life, 0 and more
   */
  public static Reason used(double share) {
    double odds = Math.max(0, Math.min(MOST, FULL * (share - FROM) / FROM));
    return new Reason(Why.MEDIUM_USED, odds, share);
  }

  /** The same for what likes it tight. */
  Reason tight() {
    boolean crowding = why == Why.CROWDED || why == Why.DRIES_FASTER;
    return crowding ? new Reason(why, logOdds * TIGHT, figure) : this;
  }
}
