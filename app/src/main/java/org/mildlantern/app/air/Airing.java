package org.mildlantern.app.air;

import java.util.Arrays;
import java.util.List;

/** How the air of a room or a closed case is changed, times an hour. Rules of thumb. */
enum Airing {
  TIGHT("shut, tight windows", 0.3, false),
  USUAL("shut, aired now and then", 0.6, false),
  AIRY("draughty, or doors often open", 1.2, false),
  TILTED("a window tilted all day", 3, false),
  SEALED("shut, with a seal", 0.1, true),
  SHUT("shut, with narrow gaps", 0.5, true),
  SLIT("a slit open", 4, true),
  LID_OFF("lid or door open", 20, true);

  private final String label;
  private final double changes;
  private final boolean ofCase;

  Airing(String label, double changes, boolean ofCase) {
    this.label = label;
    this.changes = changes;
    this.ofCase = ofCase;
  }

  static List<Airing> of(boolean aCase) {
    return Arrays.stream(values()).filter(airing -> airing.ofCase == aCase).toList();
  }

  public String label() {
    return label;
  }

  double changes() {
    return changes;
  }
}
