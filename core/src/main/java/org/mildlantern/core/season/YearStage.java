package org.mildlantern.core.season;

import java.util.Locale;

/** A part of a plant’s year. */
public enum YearStage {
  GROWTH("in growth"),
  /** Growths of the year harden and fill. */
  RIPENING("ripening"),
  REST("at rest"),
  /** It counts the cold that it needs. */
  CHILL("having its cold"),
  BUD("in bud"),
  FLOWER("in flower"),
  AFTER_FLOWER("after flowering");

  private final String label;

  YearStage(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  /** For example {@code after-flower}. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
