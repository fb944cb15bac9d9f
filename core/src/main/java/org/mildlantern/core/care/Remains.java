package org.mildlantern.core.care;

/**
 * What is left of a hurt plant, as its keeper finds it; null where it was not looked at or does not
 * apply.
 *
 * @param crownSound whether the growing point is firm and green
 * @param leaves number of leaves that still work, 0 to 200
 * @param firmBulbs number of firm bulbs, 0 to 100
 * @param greenWood how much of the wood is green under the bark
 * @param baseFirm whether base, rhizome or tuber is firm
 * @param roots how many live roots there are
 */
public record Remains(
    Boolean crownSound,
    Integer leaves,
    Integer firmBulbs,
    Share greenWood,
    Boolean baseFirm,
    Share roots) {

  /** A share by eye. */
  public enum Share {
    NONE,
    FEW,
    MOST
  }

  public Remains {
    within("leaves", leaves, 200);
    within("firm bulbs", firmBulbs, 100);
  }

  private static void within(String name, Integer value, int most) {
    if (value != null && (value < 0 || value > most)) {
      throw new IllegalArgumentException(name + ": between 0 and " + most);
    }
  }
}
