package org.mildlantern.app.plants;

import java.util.Locale;

/** Words for pots and stages, as they are stored and shown. */
public final class Pot {
  private Pot() {}

  /** Shape of the pot. */
  public enum Shape {
    ROUND,
    SQUARE,
    BOWL,
    BASKET,
    MOUNT;

    public String label() {
      return word(this);
    }
  }

  /** What the pot is made of. */
  public enum Material {
    PLASTIC,
    CLAY,
    GLAZED,
    WOOD,
    GLASS;

    public String label() {
      return word(this);
    }
  }

  /** Water that the plant is given. */
  public enum Water {
    RAIN("rain or pure"),
    TAP("tap"),
    SOFTENED("softened");

    private final String label;

    Water(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}
