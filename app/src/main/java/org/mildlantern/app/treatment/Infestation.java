package org.mildlantern.app.treatment;

/** How many pests there are on a plant, eggs and hidden ones included. Rules of thumb. */
public enum Infestation {
  FEW("a few, found with a lens", 20),
  SOME("some, seen at a glance", 150),
  MANY("many, on most of the plant", 1000);

  private final String label;
  private final int females;

  Infestation(String label, int females) {
    this.label = label;
    this.females = females;
  }

  public String label() {
    return label;
  }

  public int females() {
    return females;
  }
}
