package org.mildlantern.core.feed;

/**
 * The forms of a product’s nitrogen, % by weight of the product.
 *
 * <p>Urea carries no charge and is worth little until it has turned into ammonium, which bark in
 * the cold does hardly; much ammonium is hard on roots in the cold and the dark.
 */
public record Nitrogen(double nitrate, double ammonium, double urea) {
  public Nitrogen {
    if (!(nitrate >= 0 && ammonium >= 0 && urea >= 0 && nitrate + ammonium + urea <= 100)) {
      throw new IllegalArgumentException("forms of nitrogen are 0 to 100 % together");
    }
  }

  public double total() {
    return nitrate + ammonium + urea;
  }

  /** Share of it that is urea, 0 to 1. */
  public double ureaShare() {
    return total() == 0 ? 0 : urea / total();
  }
}
