package org.mildlantern.core.light;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mildlantern.core.season.LightClass;

/**
 * The sun on a stand through a year, by days without a cloud.
 *
 * <p>It tells what comes to a plant that is not moved at all: the sun of spring that finds its way
 * under a balcony, the tree outside that sheds its leaves, the low sun of autumn that reaches deep
 * into a room.
 *
 * @param weeks of the year, the first from its first day on
 */
public record SunYear(List<Clear> weeks) {
  private static final int DAYS = 7;
  private static final int WEEKS = 53;

  /** Leaves keep pace with what comes more slowly than this. */
  private static final int PACE_WEEKS = 3;

  /** Less sun than this at once needs no thought, h. */
  private static final double SHORT = 0.5;

  /** What multiplies within the weeks in which leaves keep pace. Rule of thumb. */
  private static final double MULTIPLIES = 1.6;

  /** Logarithm of the light of a step to that of the one before, from low light to sun. */
  private static final double STEP =
      Math.log(LightClass.SUN.meanDli() / LightClass.LOW.meanDli()) / LightClass.SUN.ordinal();

  /** Less light than this a day is none, mol/m². */
  private static final double DARK = 0.05;

  /**
   * A day without a cloud.
   *
   * @param dli mol/m²
   * @param directHours h of sun
   * @param peakPpfd µmol/m²/s at its brightest
   */
  public record Clear(double dli, double directHours, double peakPpfd) {}

  public SunYear {
    weeks = List.copyOf(weeks);
    if (weeks.size() != WEEKS) {
      throw new IllegalArgumentException("a year has 53 weeks begun, not " + weeks.size());
    }
  }

  /** First day of each week of a year. */
  public static List<LocalDate> days(int year) {
    LocalDate first = LocalDate.of(year, 1, 1);
    return IntStream.range(0, WEEKS).mapToObj(week -> first.plusDays((long) DAYS * week)).toList();
  }

  public Clear at(LocalDate day) {
    return weeks.get((day.getDayOfYear() - 1) / DAYS);
  }

  /**
   * A change that comes to leaves of itself.
   *
   * @param day first of the week in which it comes
   * @param before the sun three weeks earlier
   */
  public record Change(LocalDate day, Clear before, Clear after) {}

  /**
   * The first change within some days that leaves of a wish are not used to.
   *
   * @param wish of the kind
   */
  public Optional<Change> comes(LightWish wish, LocalDate from, LocalDate until) {
    for (LocalDate day = from; !day.isAfter(until); day = day.plusDays(1)) {
      Clear after = at(day);
      Clear before = at(day.minusWeeks(PACE_WEEKS));
      if (isNew(day) && multiplies(before, after) && burns(wish, before, after)) {
        return Optional.of(new Change(day, before, after));
      }
    }
    return Optional.empty();
  }

  private static boolean isNew(LocalDate day) {
    return (day.getDayOfYear() - 1) % DAYS == 0;
  }

  /** Whether light or sun is so much more than before that leaves need time for it. */
  public static boolean multiplies(Clear before, Clear after) {
    return after.dli > before.dli * MULTIPLIES || sunny(before, after);
  }

  /**
   * How many steps of light lie between two days, as places differ by from low to medium or bright
   * light; sun that multiplies is one at least.
   */
  public static double steps(Clear before, Clear after) {
    double steps = Math.log(Math.max(DARK, after.dli) / Math.max(DARK, before.dli)) / STEP;
    double sun = sunny(before, after) ? 1 : sunny(after, before) ? -1 : 0;
    return Math.abs(sun) > Math.abs(steps) ? sun : steps;
  }

  /** Steps that lie between two lights, by the spread of the logarithm of each. */
  public static double spread(Trust before, Trust after) {
    return Math.hypot(before.spread(), after.spread()) / STEP;
  }

  private static boolean sunny(Clear before, Clear after) {
    return after.directHours > Math.max(SHORT, before.directHours * MULTIPLIES);
  }

  /**
   * Whether such sun burns leaves that are used to other. Those that had sun are hardened as far as
   * that went; a day that is dim for the kind burns nothing.
   */
  public static boolean burns(LightWish wish, Clear before, Clear after) {
    LightWish.Burn burn = wish.burn();
    boolean used = before.directHours >= burn.hours();
    return after.dli > wish.low()
        && (used ? burn.hardened() : burn).exceeded(after.peakPpfd, after.directHours);
  }
}
