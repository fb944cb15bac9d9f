package org.mildlantern.core.round;

import java.util.Locale;

/** What kind of place plants stand in. The order is the order of a clean round: quarantine last. */
public enum PlaceKind {
  INDOOR("indoors"),
  CASE("closed case"),
  OUTDOOR("outdoors"),
  QUARANTINE("quarantine");

  private final String label;

  PlaceKind(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  /**
   * Whether plants are brought there for the cold of their rest: none into quarantine or a closed
   * case, and none that rests dry into the rain.
   */
  public boolean givesCold(boolean dry) {
    return this == INDOOR || this == OUTDOOR && !dry;
  }

  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
