package org.mildlantern.core.journal;

import java.util.Locale;

/** How the medium felt. */
public enum Moisture {
  DRY,
  DAMP,
  WET;

  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }
}
