package org.mildlantern.core.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.chance.Normal;

/**
 * When buds that were seen open, by degree-days: the weeks of the kind are those at twenty degrees,
 * and warmth above five degrees counts. What the plant took in years before narrows it. Rule of
 * thumb; the band is that of nineteen in twenty.
 *
 * <p>Example: six to nine weeks at 20 °C are nine to thirteen and a half at 15 °C; a plant that
 * took 56 days at 20 °C twice before opens between seven and nine weeks.
 *
 * @param from the earliest day, with {@code to} the latest, of the first open flower
 * @param ends when the last is over, or null where that is not known
 */
public record BloomForecast(LocalDate from, LocalDate to, LocalDate ends) {
  private static final double AT = 20;
  private static final double BASE = 5;
  private static final double SLOWEST = 0.2;

  /** A plant differs from itself by so much from year to year, as a share. */
  private static final double YEARS_DIFFER = 0.1;

  /** Flowers last longer where it is cooler, up to this many times. */
  private static final double LONGEST = 1.5;

  private static final double SHORTEST = 0.7;

  /** The band is so many standard deviations wide on each side. */
  private static final double BAND = 2;

  /**
   * A bloom of years before.
   *
   * @param days from the first bud to the first open flower, above 0
   * @param celsius mean warmth then
   */
  public record Past(long days, double celsius) {}

  /**
   * Buds.
   *
   * @param seen the day on which the first was noted
   * @param celsius mean warmth until today
   * @param today not before that day
   * @param fromNow mean warmth from today on
   */
  public record Buds(LocalDate seen, double celsius, LocalDate today, double fromNow) {
    /** Buds that were seen today and stay where they are. */
    public static Buds today(LocalDate seen, double celsius) {
      return new Buds(seen, celsius, seen, celsius);
    }
  }

  /**
   * Of buds. A day of the band that is over already is today.
   *
   * @param flowerWeeks that flowers last, or null
   * @param past its own blooms
   */
  public static Optional<BloomForecast> of(
      BloomYear bloom, Buds buds, Integer flowerWeeks, List<Past> past) {
    if (bloom == null) {
      return Optional.empty();
    }
    double mean = 7 * bloom.meanBudWeeks();
    double spread = 7 * (bloom.buds().get(1) - bloom.buds().get(0)) / (2 * BAND);
    for (Past one : past) {
      double took = one.days() * pace(one.celsius());
      double its = YEARS_DIFFER * mean;
      double weight = spread * spread / (spread * spread + its * its);
      mean += weight * (took - mean);
      spread *= Math.sqrt(1 - weight);
    }
    double so = ChronoUnit.DAYS.between(buds.seen, buds.today) * pace(buds.celsius);
    double pace = pace(buds.fromNow);
    LocalDate from = buds.today.plusDays(days(mean - BAND * spread - so, pace));
    LocalDate to = buds.today.plusDays(days(mean + BAND * spread - so, pace));
    LocalDate ends =
        flowerWeeks == null
            ? null
            : to.plusDays(
                Math.round(7 * flowerWeeks * Math.max(SHORTEST, Math.min(LONGEST, 1 / pace))));
    return Optional.of(new BloomForecast(from, to, ends));
  }

  private static long days(double left, double pace) {
    return Math.max(0, Math.round(left / pace));
  }

  /** Days at twenty degrees that a day of a warmth is worth. */
  private static double pace(double celsius) {
    return Math.max(SLOWEST, (celsius - BASE) / (AT - BASE));
  }

  /** The middle of its band. */
  public LocalDate middle() {
    return from.plusDays(ChronoUnit.DAYS.between(from, to) / 2);
  }

  /** The chance that a flower is open on a day. */
  public double openOn(LocalDate day) {
    double spread = Math.max(1, ChronoUnit.DAYS.between(from, to) / (2 * BAND));
    double opened = Normal.below(ChronoUnit.DAYS.between(middle(), day) / spread);
    double over =
        ends == null
            ? 0
            : Normal.below(
                ChronoUnit.DAYS.between(middle().plusDays(ChronoUnit.DAYS.between(to, ends)), day)
                    / spread);
    return Math.max(0, opened - over);
  }
}
