package org.mildlantern.core.plant;

/** Water that a plant is given. */
public enum WaterGiven {
  RAIN("rain or pure"),
  TAP("tap"),
  SOFTENED("softened");

  private final String label;

  WaterGiven(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
