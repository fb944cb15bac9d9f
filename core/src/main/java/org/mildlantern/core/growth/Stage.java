package org.mildlantern.core.growth;

import java.util.Locale;

/** Where a plant stands in its year. */
public enum Stage {
  GROWTH("in growth"),
  REST("at rest"),
  BUD("in spike or bud"),
  FLOWER("in flower"),
  AFTER_FLOWER("after flowering");

  private final String label;

  Stage(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  /** The id as it is written in knowledge files, such as {@code after-flower}. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
