package org.mildlantern.core.feed;

/** An element of water and feed; labels print most as oxides. */
public enum Element {
  N("N", 14.007, 1),
  /** P₂O₅ is 43.64 % phosphorus. */
  P("P", 30.974, 0.43642),
  /** K₂O is 83.01 % potassium. */
  K("K", 39.098, 0.83013),
  CA("Ca", 40.078, 0.71469),
  MG("Mg", 24.305, 0.60304),
  S("S", 32.06, 0.40044),
  /** In traces; its oxide is Fe₂O₃. */
  FE("Fe", 55.845, 0.69943),
  NA("Na", 22.990, 0.74186),
  CL("Cl", 35.45, 1);

  private final String symbol;
  private final double weight;
  private final double ofOxide;

  Element(String symbol, double weight, double ofOxide) {
    this.symbol = symbol;
    this.weight = weight;
    this.ofOxide = ofOxide;
  }

  public String symbol() {
    return symbol;
  }

  /** g/mol. */
  public double weight() {
    return weight;
  }

  /** How much of the element is in so much of its oxide. */
  public double ofOxide(double amount) {
    return amount * ofOxide;
  }

  /** How much of its oxide has so much of the element. */
  public double asOxide(double amount) {
    return amount / ofOxide;
  }
}
