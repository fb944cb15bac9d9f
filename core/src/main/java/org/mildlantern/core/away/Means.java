package org.mildlantern.core.away;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/**
 * Something that makes a plant last. Rules of thumb.
 *
 * @param kind by which it is left out where a plant stands so that it does no good
 * @param full whether it sets out full
 * @param pace how many times as fast its pot then dries
 * @param days for which water lasts that is added
 * @param ways ways of life or tags that it suits; empty for all but {@code not}
 * @param minutes for each plant
 * @param money for each plant, in coins of one’s own
 */
public record Means(
    String id,
    Kind kind,
    String label,
    boolean full,
    double pace,
    double days,
    List<String> ways,
    List<String> not,
    double minutes,
    double money,
    String how) {
  /** What it does. */
  public enum Kind {
    @JsonProperty("together")
    TOGETHER,
    @JsonProperty("cooler")
    COOLER,
    @JsonProperty("cover")
    COVER,
    /** It holds water that goes into the pot bit by bit. */
    @JsonProperty("reservoir")
    RESERVOIR,
    /** It warms or cools the whole room. */
    @JsonProperty("heating")
    HEATING,
    /** It keeps the sun off the whole room. */
    @JsonProperty("blinds")
    BLINDS,
    @JsonProperty("other")
    OTHER
  }

  public Means {
    kind = kind == null ? Kind.OTHER : kind;
    ways = ways == null ? List.of() : ways;
    not = not == null ? List.of() : not;
  }

  /** Whether the air about the plant is then another than that of its room. */
  boolean ownAir() {
    return kind == Kind.COOLER || kind == Kind.COVER;
  }

  /** Whether it is done to a room, for all plants in it. */
  public boolean ofRoom() {
    return kind == Kind.HEATING || kind == Kind.BLINDS;
  }

  /** The same with another pace. */
  Means at(double other) {
    return new Means(id, kind, label, full, other, days, ways, not, minutes, money, how);
  }
}
