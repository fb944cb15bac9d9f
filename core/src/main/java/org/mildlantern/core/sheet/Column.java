package org.mildlantern.core.sheet;

/** What a column of a grower's list holds. */
public enum Column {
  CODE("code"),
  NAME("name"),
  GENUS("genus"),
  SPECIES("species"),
  CULTIVAR("cultivar or hybrid"),
  COMMON("common name or nickname"),
  FORM("how it is built"),
  PLACE("place"),
  POT("pot width"),
  DEPTH("pot depth"),
  MATERIAL("pot material"),
  HOLES("holes in the pot"),
  OUTER("outer pot"),
  MEDIUM("medium"),
  MEDIUM_SINCE("repotted"),
  ARRIVED("arrived"),
  WATER("water used"),
  STAGE("stage"),
  NOTES("notes"),
  /** Its words are kept in the notes behind its heading. */
  ASIDE("keep it in the notes"),
  UNUSED("leave it out");

  private final String label;

  Column(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  /** Whether more than one column may hold it. */
  boolean many() {
    return this == NOTES || this == ASIDE || this == UNUSED;
  }

  /** Whether its figures are lengths. */
  public boolean length() {
    return this == POT || this == DEPTH;
  }

  /** Whether it holds days. */
  boolean day() {
    return this == MEDIUM_SINCE || this == ARRIVED;
  }
}
