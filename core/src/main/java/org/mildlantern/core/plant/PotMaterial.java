package org.mildlantern.core.plant;

import java.util.Locale;

/** What a pot is made of. */
public enum PotMaterial {
  PLASTIC,
  CLEAR,
  CLAY,
  GLAZED,
  WOOD,
  GLASS;

  public String label() {
    return this == CLEAR ? "clear plastic" : name().toLowerCase(Locale.ROOT);
  }
}
