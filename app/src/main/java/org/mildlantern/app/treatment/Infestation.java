package org.mildlantern.app.treatment;

import org.mildlantern.core.knowledge.LifeCycle;

/** How many pests or spots there are on a plant, hidden ones included. Rules of thumb. */
public enum Infestation {
  FEW("a few, found on a close look", 20, 4),
  SOME("some, seen at a glance", 150, 20),
  MANY("many, on most of the plant", 1000, 100);

  private final String label;
  private final int females;
  private final int spots;

  Infestation(String label, int females, int spots) {
    this.label = label;
    this.females = females;
    this.spots = spots;
  }

  public String label() {
    return label;
  }

  /** Females of all stages of a pest, or spots of a disease. */
  int number(LifeCycle life) {
    return life.disease() ? spots : females;
  }
}
