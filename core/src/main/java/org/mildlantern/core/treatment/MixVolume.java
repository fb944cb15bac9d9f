package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/**
 * How much mix a visit takes, so that nothing is left over to keep. Rules of thumb: a spray that
 * wets both faces until it drips takes 30 ml for a plant that fits in a hand, 100 ml for one of
 * knee height, 300 ml for one of hip height and 800 ml for a larger one; a drench takes a tenth of
 * the pot's volume; a swab takes a tenth of a spray.
 */
public final class MixVolume {
  /** Sizes of plants, as seen at a glance. */
  public enum Size {
    HAND("fits in a hand", 30),
    SMALL("up to knee height", 100),
    MEDIUM("up to hip height", 300),
    LARGE("larger", 800);

    private final String label;
    private final double sprayMl;

    Size(String label, double sprayMl) {
      this.label = label;
      this.sprayMl = sprayMl;
    }

    public String label() {
      return label;
    }

    /** The size that a pot of a diameter in cm suggests; a medium pot when not known. */
    public static Size ofPot(Double centimetres) {
      if (centimetres == null) {
        return SMALL;
      }
      return centimetres <= 9
          ? HAND
          : centimetres <= 17 ? SMALL : centimetres <= 28 ? MEDIUM : LARGE;
    }
  }

  private static final double DRENCH_SHARE = 0.1;
  private static final double SWAB_SHARE = 0.1;

  /** Volumes are rounded up to this many millilitres. */
  private static final double STEP = 10;

  private static final int MOST_PLANTS = 1000;

  private MixVolume() {}

  /** Millilitres that one plant takes. */
  public static double of(String as, Size size, Double potCm) {
    return switch (as) {
      case "spray" -> size.sprayMl;
      case "swab" -> size.sprayMl * SWAB_SHARE;
      case "drench" -> DRENCH_SHARE * potMl(potCm == null ? 12 : potCm);
      default -> 0;
    };
  }

  /** A pot as deep as nine tenths of its width, tapering to four fifths. Rule of thumb. */
  private static double potMl(double cm) {
    double top = cm / 2;
    double bottom = 0.8 * top;
    double depth = 0.9 * cm;
    return Math.PI * depth / 3 * (top * top + top * bottom + bottom * bottom);
  }

  /** Pots that go with the sizes, cm. Rule of thumb. */
  private static final Map<Size, Double> POT_CM =
      Map.of(Size.HAND, 8.0, Size.SMALL, 13.0, Size.MEDIUM, 22.0, Size.LARGE, 35.0);

  /**
   * Millilitres for so many plants of each size, rounded up.
   *
   * @throws IllegalArgumentException when a number is not whole, below 0 or above 1000
   */
  public static double forPlants(String as, Map<Size, Double> plants) {
    List<Double> each = new ArrayList<>();
    plants.forEach(
        (size, many) -> {
          if (many < 0 || many > MOST_PLANTS || many != Math.rint(many)) {
            throw new IllegalArgumentException("Whole numbers of plants, please, up to 1000.");
          }
          each.add(many * of(as, size, POT_CM.get(size)));
        });
    return total(each);
  }

  /** The sum, rounded up to what a jug shows. */
  public static double total(Collection<Double> each) {
    double sum = each.stream().mapToDouble(Double::doubleValue).sum();
    return Math.ceil(sum / STEP - 1e-9) * STEP;
  }
}
