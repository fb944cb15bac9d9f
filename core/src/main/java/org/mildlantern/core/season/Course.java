package org.mildlantern.core.season;

import java.time.LocalDate;

/**
 * How a kind goes through its year.
 *
 * @param rest how it is kept while it rests
 * @param resting its months, as in the north; null for what does not rest
 * @param signs of its rest, or null where they are not known
 * @param bloom what brings it into flower; null where that is not known
 * @param repot months in which its roots may be disturbed, as in the north; null where any will do
 * @param bareRootsKill whether disturbing its roots out of season kills rather than saves
 */
public record Course(
    RestKind rest,
    Months resting,
    RestSigns signs,
    BloomYear bloom,
    Months repot,
    boolean bareRootsKill) {

  /** How a kind is kept at rest. */
  public enum RestKind {
    NONE("none"),
    DRY("dry"),
    MOIST_COLD("moist-cold"),
    COOL("cool");

    private final String id;

    RestKind(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }

  /** Whether it is kept drier while it rests. */
  public boolean restsDrier() {
    return rest == RestKind.DRY || rest == RestKind.COOL;
  }

  /** Whether a day is one on which its roots may be disturbed, by the calendar. */
  boolean repotsOn(LocalDate day, double latitude) {
    return repot == null || repot.contain(day, latitude);
  }
}
