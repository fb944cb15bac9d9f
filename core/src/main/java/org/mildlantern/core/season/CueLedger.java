package org.mildlantern.core.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.mildlantern.core.chance.Normal;

/**
 * Whether a plant gets the cool nights that start its buds, counted night by night. A night that
 * was not read counts by its chance, by what nights usually are there.
 *
 * <p>Example: 18 of 28 nights so far; at half the nights the other ten take twenty days.
 *
 * @param counted nights at or below the warmth, so far
 * @param spread standard deviation of that, from nights that were not read
 * @param needed in all
 * @param read nights that were read
 * @param done the day on which the last comes as nights are now; null where it does not within the
 *     months of its cue
 */
public record CueLedger(double counted, double spread, int needed, int read, LocalDate done) {
  /** Nights differ by so much from what is usual, K. Rule of thumb. */
  private static final double NIGHTS_DIFFER = 2;

  /** So few cool nights are none. */
  private static final double HARDLY = 0.02;

  /**
   * What is counted.
   *
   * @param from the first night
   * @param until the last night in which the cue may still come
   */
  public record Cue(double below, int nights, LocalDate from, LocalDate until) {
    /** Of a kind, in the months about a day; they are those to come where a day lies in none. */
    public static Cue of(BloomYear bloom, LocalDate day, double latitude) {
      LocalDate first =
          bloom.when().contain(day, latitude) ? day : bloom.when().next(day, latitude);
      while (bloom.when().contain(first.minusDays(1), latitude)) {
        first = first.minusDays(1);
      }
      LocalDate last = first;
      while (bloom.when().contain(last.plusDays(1), latitude)) {
        last = last.plusDays(1);
      }
      return new Cue(bloom.below(), bloom.nights(), first, last);
    }
  }

  /** The chance that a night where nights are usually so warm is cool enough. */
  public static double chance(double below, double usualNight) {
    return Normal.below((below - usualNight) / NIGHTS_DIFFER);
  }

  /**
   * Counts.
   *
   * @param lows coldest of each night that was read where it stood, °C
   * @param stood what nights usually are where it stood on a day, °C
   */
  public static CueLedger of(
      Cue cue, Map<LocalDate, Double> lows, ToDoubleFunction<LocalDate> stood, LocalDate today) {
    double counted = 0;
    double variance = 0;
    int read = 0;
    LocalDate last = today.isBefore(cue.until) ? today : cue.until;
    for (LocalDate night = cue.from; !night.isAfter(last); night = night.plusDays(1)) {
      Double low = lows.get(night);
      if (low == null) {
        double chance = chance(cue.below, stood.applyAsDouble(night));
        counted += chance;
        variance += chance * (1 - chance);
      } else {
        read++;
        counted += low <= cue.below ? 1 : 0;
      }
    }
    return new CueLedger(
        counted,
        Math.sqrt(variance),
        cue.nights,
        read,
        done(cue, counted, chance(cue.below, stood.applyAsDouble(today)), today));
  }

  private static LocalDate done(Cue cue, double counted, double chance, LocalDate today) {
    if (counted >= cue.nights) {
      return today;
    }
    if (chance < HARDLY) {
      return null;
    }
    LocalDate begins = today.isBefore(cue.from) ? cue.from : today;
    LocalDate day = begins.plusDays((long) Math.ceil((cue.nights - counted) / chance));
    return day.isAfter(cue.until) ? null : day;
  }

  /** When a place gives the rest, by what nights are there; null where it does not in time. */
  public LocalDate elsewhere(Cue cue, double usualNight, LocalDate today) {
    return done(cue, counted, chance(cue.below, usualNight), today);
  }

  public boolean isDone() {
    return counted >= needed;
  }

  /** Days from today to the end of it; 0 once it is over. */
  public static long left(Cue cue, LocalDate today) {
    return Math.max(0, ChronoUnit.DAYS.between(today, cue.until));
  }
}
