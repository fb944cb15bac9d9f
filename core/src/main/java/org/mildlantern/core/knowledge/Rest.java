package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.season.Months;

/**
 * How and when a kind rests. Rules of thumb.
 *
 * @param months null for kinds that do not rest
 * @param nights wished least and greatest night temperature in its rest, °C, or null where any that
 *     it bears will do
 */
public record Rest(As as, Months months, List<Double> nights) {
  public static final Rest NONE = new Rest(As.NONE, null, null);

  /** How it is kept while it rests. */
  public enum As {
    @JsonProperty("none")
    NONE("none to speak of"),
    /** Leafless or shrunk: no drink, or a sip that keeps it from shrivelling. */
    @JsonProperty("dry")
    DRY("dry"),
    /** Drinks further apart. */
    @JsonProperty("drier")
    DRIER("drier"),
    /** Cool or cold, and damp throughout. */
    @JsonProperty("damp")
    DAMP("cool and damp, never dry");

    private final String label;

    As(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** Whether it has a rest at all. */
  public boolean any() {
    return as != As.NONE;
  }

  /** Whether it rests on the day, by the calendar. */
  public boolean on(LocalDate day, double latitude) {
    return any() && months.contain(day, latitude);
  }

  /** Whether its nights in rest must be colder than a room is. Rule of thumb. */
  public boolean wantsCold() {
    return as == As.DAMP && nights != null && nights.get(1) <= 12;
  }
}
