package org.mildlantern.app.mixing;

/** In what a keeper measures a jug. */
public enum JugUnit {
  LITRES("litres", 1),
  MILLILITRES("ml", 0.001),
  FLUID_OUNCES("US fl oz", 0.0295735295625),
  GALLONS("US gallons", 3.785411784);

  private final String label;
  private final double litres;

  JugUnit(String label, double litres) {
    this.label = label;
    this.litres = litres;
  }

  public String label() {
    return label;
  }

  public double litres(double amount) {
    return amount * litres;
  }
}
