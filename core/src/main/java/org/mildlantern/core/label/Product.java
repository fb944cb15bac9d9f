package org.mildlantern.core.label;

/** What a product is, which decides what an ounce and a percent of it are. */
public enum Product {
  LIQUID,
  POWDER,
  UNKNOWN;

  /** What is counted in g is a powder, what is counted in ml a liquid. */
  public static Product countedIn(String unit) {
    return unit.equals("g") ? POWDER : LIQUID;
  }
}
