package org.mildlantern.core.season;

/** Light in four steps, from deep shade to sun, as kinds wish it and places have it. */
public enum LightClass {
  LOW("low: no direct sun, far from the glass"),
  MEDIUM("medium: near a window without direct sun"),
  BRIGHT("bright: some direct sun early or late"),
  SUN("sun: hours of direct sun");

  private static final double HOURS = 12;

  /** Of a day whose light rises and falls like a sine. */
  private static final double MEAN_OF_NOON = 2 / Math.PI;

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

  /**
   * The step that a reading at noon of a bright day falls into: half-way between the steps' mean
   * days, of twelve hours with a peak at noon. Rule of thumb.
   *
   * @param ppfd µmol/m²/s
   */
  public static LightClass ofNoon(double ppfd) {
    return ofMean(ppfd * HOURS * 3600 * MEAN_OF_NOON / 1e6);
  }

  /**
   * The step that a place falls into by its light.
   *
   * @param dli of the mean day of a year, mol/m²
   */
  public static LightClass ofMean(double dli) {
    LightClass step = LOW;
    for (LightClass next : values()) {
      if (next != LOW && dli >= Math.sqrt(step.meanDli() * next.meanDli())) {
        step = next;
      }
    }
    return step;
  }

  /**
   * Where a place stands among the steps: 0 in the midst of low light, 1 of medium, and so on, by
   * the logarithm; a step begins half-way from the one before.
   *
   * @param dli of the mean day of a year, mol/m², above 0
   */
  public static double position(double dli) {
    LightClass step = ofMean(dli);
    LightClass next =
        step == SUN || dli < step.meanDli() && step != LOW ? step : values()[step.ordinal() + 1];
    LightClass before = values()[next.ordinal() - 1];
    return before.ordinal()
        + Math.log(dli / before.meanDli()) / Math.log(next.meanDli() / before.meanDli());
  }

  /** Steps from the other to this one; positive when this one is brighter. */
  public int above(LightClass other) {
    return ordinal() - other.ordinal();
  }
}
