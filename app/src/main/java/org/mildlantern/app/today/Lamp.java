package org.mildlantern.app.today;

import java.util.Locale;

/** The lantern beside a plant: the flame's height says how much it asks for its keeper. */
public enum Lamp {
  UNLIT("fine"),
  LOW("look some time"),
  BRIGHT("needs you"),
  QUARANTINE("in quarantine");

  private final String label;

  Lamp(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  /** Where it stands among those that ask, the most urgent at 0. */
  public int rank() {
    return switch (this) {
      case BRIGHT -> 0;
      case QUARANTINE -> 1;
      case LOW -> 2;
      case UNLIT -> 3;
    };
  }

  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
