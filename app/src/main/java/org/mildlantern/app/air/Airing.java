package org.mildlantern.app.air;

/** How the air of a room is changed, times an hour. Rules of thumb. */
enum Airing {
  TIGHT("shut, tight windows", 0.3),
  USUAL("shut, aired now and then", 0.6),
  AIRY("draughty, or doors often open", 1.2),
  TILTED("a window tilted all day", 3);

  private final String label;
  private final double changes;

  Airing(String label, double changes) {
    this.label = label;
    this.changes = changes;
  }

  public String label() {
    return label;
  }

  double changes() {
    return changes;
  }
}
