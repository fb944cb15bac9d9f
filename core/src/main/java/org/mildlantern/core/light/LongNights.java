package org.mildlantern.core.light;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * What a kind that tells the season by the night asks of it.
 *
 * @param dark hours without any light, a lamp’s too
 * @param weeks of such nights
 * @param ends what they lead to
 */
public record LongNights(double dark, int weeks, Ends ends) {
  private static final double DAY = 24;

  /** What long nights lead to. */
  public enum Ends {
    @JsonProperty("flower")
    FLOWER,
    @JsonProperty("rest")
    REST
  }

  /** Whether lamps that burn for so many hours leave nights long enough. */
  public boolean spoiledBy(double hours) {
    return DAY - hours < dark;
  }
}
