package org.mildlantern.core.water;

import org.mildlantern.core.chance.Normal;

/**
 * What a keeper or a device found of a pot's water; each kind has its own error.
 *
 * <p>Words are ordered answers: the chance of each depends on the share of available water left at
 * the depth of the reading, blurred by a normal error. The cuts and errors are rules of thumb.
 */
public sealed interface Reading {

  /** How likely the reading is when the share x of available water is left; up to a constant. */
  double likelihood(double x);

  /** An amount of water left, as from a calibrated weight or a meter. */
  record Level(double share, double error) implements Reading {
    public Level {
      if (!(error > 0)) {
        throw new IllegalArgumentException("error: above 0");
      }
    }

    @Override
    public double likelihood(double x) {
      double z = (share - x) / error;
      return Math.exp(-0.5 * z * z) + 1e-6;
    }
  }

  /**
   * Dry, damp or wet at a depth.
   *
   * @param error of the way it was felt, as a share of the available water
   */
  record Felt(Answer answer, Depth depth, double error) implements Reading {
    /** A probe, or a finger two joints deep. */
    public static final double PROBE = 0.11;

    /** A skewer left in for ten minutes and looked at. */
    public static final double SKEWER = 0.14;

    /** A touch of the surface. */
    public static final double TOUCH = 0.15;

    /** The colour of roots and the drops behind the wall of a clear pot. */
    public static final double CLEAR_POT = 0.18;

    private static final double DRY_BELOW = 0.28;
    private static final double WET_ABOVE = 0.68;

    public Felt(Answer answer, Depth depth) {
      this(answer, depth, PROBE);
    }

    /** What was felt. */
    public enum Answer {
      DRY,
      DAMP,
      WET
    }

    /** Where: the top dries first, the bottom last. */
    public enum Depth {
      TOP(0.18),
      MIDDLE(0),
      BOTTOM(-0.12);

      private final double drier;

      Depth(double drier) {
        this.drier = drier;
      }

      /** By how much of the available water it seems drier than the middle; negative is wetter. */
      double drier() {
        return drier;
      }
    }

    @Override
    public double likelihood(double x) {
      double here = x - depth.drier;
      double dry = 1 - Normal.below((here - DRY_BELOW) / error);
      double wet = Normal.below((here - WET_ABOVE) / error);
      return switch (answer) {
            case DRY -> dry;
            case WET -> wet;
            case DAMP -> Math.max(0, 1 - dry - wet);
          }
          + 0.01;
    }
  }

  /** Lifted: light or heavy for this pot. */
  record Lifted(boolean heavy) implements Reading {
    private static final double HALF = 0.45;
    private static final double ERROR = 0.17;

    @Override
    public double likelihood(double x) {
      double p = Normal.below((x - HALF) / ERROR);
      return (heavy ? p : 1 - p) + 0.01;
    }
  }

  /** The plant hangs, and had not been hanging for another reason. */
  record Wilted() implements Reading {
    @Override
    public double likelihood(double x) {
      return Normal.below((0.08 - x) / 0.07) + 0.02;
    }
  }
}
