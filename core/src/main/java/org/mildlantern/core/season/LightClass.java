package org.mildlantern.core.season;

/** Light in four steps, from deep shade to sun, as kinds wish it and places have it. */
public enum LightClass {
  LOW("low: no direct sun, far from the glass"),
  MEDIUM("medium: near a window without direct sun"),
  BRIGHT("bright: some direct sun early or late"),
  SUN("sun: hours of direct sun");

  private final String label;

  LightClass(String label) {
    this.label = label;
  }

  /** Light of the mean day of a year, mol/m². Rule of thumb until it is worked out for a spot. */
  public double meanDli() {
    return switch (this) {
      case LOW -> 1.5;
      case MEDIUM -> 4;
      case BRIGHT -> 8;
      case SUN -> 16;
    };
  }

  /** As a keeper sees it in a place. */
  public String label() {
    return label;
  }

  /**
   * The step that a word names.
   *
   * @throws IllegalArgumentException when the word is not one of the four
   */
  public static LightClass of(String word) {
    return valueOf(word.toUpperCase(java.util.Locale.ROOT));
  }

  /** Steps from the other to this one; positive when this one is brighter. */
  public int above(LightClass other) {
    return ordinal() - other.ordinal();
  }
}
