package org.mildlantern.app.cases;

/** How a case ended. */
public enum Outcome {
  HEALED("healed"),
  BETTER("better, and stays so"),
  NO_CHANGE("no change"),
  NOT_IT("it was something else"),
  LOST("plant lost"),
  TAKEN_BACK("opened by mistake");

  private final String label;

  Outcome(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
