package org.mildlantern.core.water;

import java.util.Locale;
import org.mildlantern.core.words.Words;

/**
 * A pot's inside.
 *
 * <p>A round or square pot is as deep as nine tenths of its width and tapers to four fifths; a bowl
 * is as deep as four tenths of its width; a basket half as deep as wide, straight-sided; a mount is
 * a pad a fifth as thick as wide. Where the keeper gives the depth, it counts. Rules of thumb for
 * pots as sold; a pot is filled to nine tenths.
 *
 * @param litres of medium
 * @param depthCm of the medium
 * @param surfaceCm2 of the medium that the air reaches
 */
public record PotShape(double litres, double depthCm, double surfaceCm2) {
  private static final Words WORDS = Words.of(PotShape.class);

  /** Kinds of pot. */
  public enum Kind {
    ROUND(0.9, 0.8),
    SQUARE(0.9, 0.8),
    BOWL(0.4, 0.7),
    BASKET(0.5, 1),
    MOUNT(0.2, 1);

    private final double depth;
    private final double taper;

    Kind(double depth, double taper) {
      this.depth = depth;
      this.taper = taper;
    }

    public String label() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  private static final double FILLED = 0.9;
  private static final double NARROWEST = 1;
  private static final double WIDEST = 200;

  /**
   * The inside of a pot.
   *
   * @param widthCm inner width at the rim, 1 to 200 cm
   * @param depthCm inner depth, or null for what is usual
   * @throws IllegalArgumentException when a size is out of range
   */
  public static PotShape of(Kind kind, double widthCm, Double depthCm) {
    check("width", widthCm);
    double depth = FILLED * (depthCm == null ? kind.depth * widthCm : depthCm);
    check("depth", depth / FILLED);
    double top = widthCm / 2;
    double bottom = kind.taper * top;
    double square = kind == Kind.SQUARE || kind == Kind.BASKET ? 4 : Math.PI;
    double cm3 = square * depth / 3 * (top * top + top * bottom + bottom * bottom);
    return new PotShape(cm3 / 1000, depth, square * top * top);
  }

  private static void check(String what, double centimetres) {
    if (!(centimetres >= NARROWEST) || centimetres > WIDEST) {
      throw new IllegalArgumentException(WORDS.say("width", what, NARROWEST, WIDEST));
    }
  }
}
