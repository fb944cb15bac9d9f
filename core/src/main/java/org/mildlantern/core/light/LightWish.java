package org.mildlantern.core.light;

import java.util.Locale;
import org.mildlantern.core.words.Words;

/**
 * The light that a kind wishes at its leaves.
 *
 * @param low mol/m² a day with which it keeps and slowly grows
 * @param high up to this it grows and flowers the better; above it may burn unless hardened
 */
public record LightWish(double low, double high) {
  private static final Words WORDS = Words.of(LightWish.class);

  /** A plant at rest keeps with this share of the light that it wishes in growth. Rule of thumb. */
  private static final double AT_REST = 0.25;

  public LightWish {
    if (!(low > 0 && low < high && high <= 60)) {
      throw new IllegalArgumentException("a wish is a band between 0 and 60 mol/m² a day");
    }
  }

  /** How a day's light meets a wish. */
  public enum Met {
    FAR_SHORT,
    SHORT,
    MET,
    ABOVE
  }

  /**
   * What leaves that are not used to sun bear.
   *
   * @param ppfd µmol/m²/s at the brightest moment
   * @param hours of sun on them in a day
   */
  public record Burn(double ppfd, double hours) {
    /** Leaves that grew in sun bear so much more. Rule of thumb. */
    private static final double HARDENED = 2;

    /** What leaves bear that have grown in the sun of their kind. */
    public Burn hardened() {
      return new Burn(ppfd * HARDENED, hours * HARDENED);
    }

    /** Whether sun of such strength and length burns; the one without the other does not. */
    public boolean exceeded(double peakPpfd, double directHours) {
      return peakPpfd > ppfd && directHours > hours;
    }
  }

  /**
   * The sun that burns it. Rule of thumb: kinds of the shade bear 150 to 250 µmol/m²/s and half an
   * hour of sun, those of middling light 250 to 400 and an hour or two, those of bright light 400
   * to 600 and some three hours.
   */
  public Burn burn() {
    return new Burn(30 + 30 * high, Math.max(0.25, high / 5 - 0.5));
  }

  /** What the same plant asks for while it rests. */
  public LightWish atRest() {
    return new LightWish(low * AT_REST, high);
  }

  public Met met(double dli) {
    return dli < low / 2
        ? Met.FAR_SHORT
        : dli < low ? Met.SHORT : dli <= high ? Met.MET : Met.ABOVE;
  }

  /** {@code 4 to 10}. */
  public String words() {
    return WORDS.say("wish", number(low), number(high));
  }

  private static String number(double value) {
    return value == Math.rint(value)
        ? String.valueOf((long) value)
        : String.format(Locale.ROOT, "%.1f", value);
  }
}
