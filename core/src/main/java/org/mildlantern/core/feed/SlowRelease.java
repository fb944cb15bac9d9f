package org.mildlantern.core.feed;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * Slow-release grains in a pot. Their label gives months at 21 °C; warmth lets them out faster,
 * twice as fast for each ten degrees (rule of thumb; makers’ tables lie between 1.7 and 2.3).
 *
 * <p>Example: grains for six months last some seven weeks less at 26 °C.
 *
 * @param label what they hold
 * @param months at 21 °C
 * @param celsius usual warmth of the medium
 */
public record SlowRelease(Label label, double grams, double months, double celsius) {
  private static final double OF_LABEL = 21;
  private static final double TEN = 10;
  private static final double DAYS_A_MONTH = 30.44;

  /** Below this hardly anything comes out, °C. */
  private static final double COLD = 5;

  public SlowRelease {
    if (!(grams > 0 && months > 0 && months <= 36)) {
      throw new IllegalArgumentException("grains: some grams, for up to 36 months");
    }
  }

  /** Days over which they last in this warmth. */
  public double days() {
    return months * DAYS_A_MONTH / Math.pow(2, (Math.max(COLD, celsius) - OF_LABEL) / TEN);
  }

  /** Salts that they hold, mS/cm × ml. */
  public double salt() {
    return label.at(1).ecMsCm() * 1000 * grams;
  }

  /** Share that is left on a day. */
  public double left(LocalDate strewn, LocalDate on) {
    return Math.max(0, Math.min(1, 1 - ChronoUnit.DAYS.between(strewn, on) / days()));
  }

  /** The day on which they are spent. */
  public LocalDate spent(LocalDate strewn) {
    return strewn.plusDays(Math.round(days()));
  }

  /** Nitrogen that comes out in a day, mg. */
  public double nitrogenADay() {
    return grams * label.of(Element.N) * 10 / days();
  }

  /** As they come to the story of a pot. */
  public SaltStory.Grains strewn(LocalDate on) {
    return new SaltStory.Grains(on, salt(), days());
  }

  /**
   * Grams that feed a plant as its way of life asks for, over their whole time.
   *
   * @param ppm nitrogen that it lives on in the mean of its drinks
   * @param mlADay that it drinks
   */
  public static double gramsFor(
      Label label, double months, double celsius, double ppm, double mlADay) {
    if (label.of(Element.N) <= 0) {
      throw new IllegalArgumentException("there is no nitrogen in it");
    }
    double days = new SlowRelease(label, 1, months, celsius).days();
    return ppm * mlADay / 1000 * days / (label.of(Element.N) * 10);
  }
}
