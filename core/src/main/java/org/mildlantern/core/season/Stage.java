package org.mildlantern.core.season;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Where a plant stands in its year, or at the beginning of its life. */
public enum Stage {
  GROWTH("in growth"),
  REST("at rest"),
  BUD("in spike or bud"),
  FLOWER("in flower"),
  AFTER_FLOWER("after flowering"),
  SEEDLING("a seedling");

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

  /** Whether it has buds or flowers, which a move or a cut may cost it. */
  public boolean blooms() {
    return this == BUD || this == FLOWER;
  }

  /** The stage of that id. */
  public static Optional<Stage> of(String id) {
    return Stream.of(values()).filter(stage -> stage.id().equals(id)).findFirst();
  }
}
