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

  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
