package org.mildlantern.core.feed;

import java.util.Arrays;
import java.util.Optional;

/** An element of water and feed, with what it weighs and how labels print it. */
public enum Element {
  N("N", 14.007, "N", 1),
  /** P₂O₅ is 43.64 % phosphorus. */
  P("P", 30.974, "P₂O₅", 0.43642),
  /** K₂O is 83.01 % potassium. */
  K("K", 39.098, "K₂O", 0.83013),
  CA("Ca", 40.078, "CaO", 0.71469),
  MG("Mg", 24.305, "MgO", 0.60304),
  S("S", 32.06, "SO₃", 0.40044),
  NA("Na", 22.990, "Na₂O", 0.74186),
  CL("Cl", 35.45, "Cl", 1);

  private final String symbol;
  private final double weight;
  private final String oxide;
  private final double ofOxide;

  Element(String symbol, double weight, String oxide, double ofOxide) {
    this.symbol = symbol;
    this.weight = weight;
    this.oxide = oxide;
    this.ofOxide = ofOxide;
  }

  public String symbol() {
    return symbol;
  }

  /** As labels of the oxide convention print it. */
  public String oxide() {
    return oxide;
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

  public static Optional<Element> of(String symbol) {
    return Arrays.stream(values()).filter(e -> e.symbol.equalsIgnoreCase(symbol)).findFirst();
  }
}
