package org.mildlantern.core.season;

/** Light in four steps, from deep shade to sun, as kinds wish it and places have it. */
public enum LightClass {
  LOW,
  MEDIUM,
  BRIGHT,
  SUN;

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
