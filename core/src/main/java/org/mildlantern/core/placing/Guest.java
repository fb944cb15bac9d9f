package org.mildlantern.core.placing;

import org.mildlantern.core.light.LightWish;

/**
 * A plant that is to stand somewhere.
 *
 * @param at the stand on which it is now
 * @param light its wish, or null while that is not known
 * @param bears warmth and moisture that it wishes, or null while they are not known
 * @param moving how much a move would cost it
 */
public record Guest(long id, long at, LightWish light, Bears bears, Moving moving) {
  /**
   * What it bears well.
   *
   * @param coldest °C
   * @param warmest °C
   * @param humidity least relative humidity, %
   */
  public record Bears(double coldest, double warmest, double humidity) {}

  /** What a move does to it. */
  public enum Moving {
    LIGHTLY,
    /** In flower it may drop what it shows. */
    IN_FLOWER,
    /** In bud, in quarantine, or nothing known of it: it stays. */
    STAYS
  }
}
