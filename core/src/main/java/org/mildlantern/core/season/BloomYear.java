package org.mildlantern.core.season;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/**
 * What brings a kind into flower, and when. Rules of thumb.
 *
 * @param of names of genera and ids of kinds
 * @param bloom usual months, as in the north; null where any will do or it differs
 * @param below °C, for cues that are counted in cool nights; else null
 * @param nights how many of them
 * @param when months in which the cue comes, as in the north; null for any
 * @param buds weeks from the first sign of a bud to the first open flower, least and most
 * @param say how one gives it
 * @param spoils what makes it skip, or drop its buds
 */
public record BloomYear(
    String id,
    List<String> of,
    Months bloom,
    Cue cue,
    Double below,
    Integer nights,
    Months when,
    List<Integer> buds,
    String say,
    List<String> spoils) {

  /** What starts buds. */
  public enum Cue {
    @JsonProperty("cool-nights")
    COOL_NIGHTS("cool-nights", "cool nights"),
    @JsonProperty("cold")
    COLD("cold", "a cold winter"),
    @JsonProperty("dry-rest")
    DRY_REST("dry-rest", "a dry rest"),
    @JsonProperty("long-nights")
    LONG_NIGHTS("long-nights", "long dark nights"),
    @JsonProperty("long-days")
    LONG_DAYS("long-days", "long days"),
    @JsonProperty("ripe")
    RIPE("ripe", "a ripe growth"),
    @JsonProperty("gas")
    GAS("gas", "the gas of ripe fruit"),
    @JsonProperty("light")
    LIGHT("light", "light");

    private final String id;
    private final String label;

    Cue(String id, String label) {
      this.id = id;
      this.label = label;
    }

    public String id() {
      return id;
    }

    public String label() {
      return label;
    }
  }

  /** Whether its cue is counted in nights at or below a warmth. */
  public boolean counted() {
    return below != null && nights != null && when != null;
  }

  public double meanBudWeeks() {
    return (buds.get(0) + buds.get(1)) / 2.0;
  }
}
