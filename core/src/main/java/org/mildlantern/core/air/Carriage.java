package org.mildlantern.core.air;

/**
 * A plant that is carried through the cold: its leaves cool towards the air outdoors, fast at first
 * (Newton’s law of cooling).
 *
 * <p>Example: at −8 °C a bare leaf that was at 20 °C is at 8 °C within two minutes, in paper after
 * five, in a box with paper after twenty.
 *
 * @param start warmth of the leaves at the door, °C
 * @param outdoors °C
 */
public record Carriage(double start, double outdoors) {
  /** What is round it. Time constants of leaves, minutes; rules of thumb. */
  public enum Wrap {
    BARE("bare", 3),
    PAPER("in paper", 8),
    PAPER_AND_BAG("in paper and a closed bag", 14),
    BOX("in a closed box with crumpled paper", 35),
    WARM_BOX("in a box with a bottle of warm water", 90);

    private final String label;
    private final double minutes;

    Wrap(String label, double minutes) {
      this.label = label;
      this.minutes = minutes;
    }

    public String label() {
      return label;
    }
  }

  public Carriage {
    if (!(start >= -20 && start <= 50 && outdoors >= -60 && outdoors <= 50)) {
      throw new IllegalArgumentException("leaves are −20 to 50 °C, the air −60 to 50 °C");
    }
  }

  /** Minutes until its leaves are as cold as it just bears; without end where it is not so cold. */
  public double minutes(Wrap wrap, double bears) {
    if (outdoors >= bears) {
      return Double.POSITIVE_INFINITY;
    }
    return start <= bears ? 0 : wrap.minutes * Math.log((start - outdoors) / (bears - outdoors));
  }

  /** Its leaves after so many minutes, °C. */
  public double after(Wrap wrap, double minutes) {
    return outdoors + (start - outdoors) * Math.exp(-minutes / wrap.minutes);
  }
}
