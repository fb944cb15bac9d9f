package org.mildlantern.core.air;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.mildlantern.core.chance.Normal;

/**
 * When a plant goes out and when it comes in: by the nights that are usual, and by the forecast for
 * the days that it tells of, so that a frost ahead pulls the date. Rules of thumb.
 *
 * <p>Example: where nights rise to 10 °C by 20 May and fall below it by 25 September, a kind that
 * wishes 10 °C goes out in the last third of May and comes in during the last of September.
 *
 * @param out the first day on which it may go out; empty where none comes within a year
 * @param in the last day by which it is in; empty where it may stay out the year round
 */
public record OutAndIn(Optional<LocalDate> out, Optional<LocalDate> in) {
  private static final int A_YEAR = 366;

  /** A night differs from what is usual by so much, K. */
  private static final double NIGHTS_DIFFER = 3;

  /** Nights may be too cold with this chance to go out, and with that one to stay. */
  private static final double GOES = 0.05;

  private static final double STAYS = 0.1;

  /** It stays out while nights are this much colder than it wishes, K. */
  private static final double LESS = 2;

  /** The nights of so many days must suit what goes out. */
  private static final int SURE_DAYS = 14;

  /**
   * What a kind needs of its nights.
   *
   * @param wished least night that it wishes, °C
   * @param bears coldest night that it bears, °C
   * @param dry whether rain is too much for it on a day, as in a dry rest
   */
  public record Needs(double wished, double bears, Predicate<LocalDate> dry) {}

  /**
   * The days of a plant.
   *
   * @param isOut whether it stands in the open now
   * @param usual mean night of a day, °C
   * @param ahead the forecast by day; the night of a day is the one to its morning
   */
  public static OutAndIn of(
      Needs needs,
      boolean isOut,
      LocalDate today,
      ToDoubleFunction<LocalDate> usual,
      Map<LocalDate, Forecast.Day> ahead) {
    Sky sky = new Sky(needs, today, usual, ahead);
    Optional<LocalDate> out = isOut ? Optional.of(today) : first(today, sky::goes);
    Optional<LocalDate> in = out.flatMap(day -> first(day, sky::isOver));
    Optional<LocalDate> again = isOut ? in.flatMap(day -> first(day, sky::goes)) : out;
    return new OutAndIn(isOut && in.isEmpty() ? out : again, in);
  }

  /** Whether nothing speaks against its standing in the open the year round. */
  public boolean allYear() {
    return out.isPresent() && in.isEmpty();
  }

  private static Optional<LocalDate> first(LocalDate from, Predicate<LocalDate> suits) {
    return from.datesUntil(from.plusDays(A_YEAR)).filter(suits).findFirst();
  }

  private record Sky(
      Needs needs,
      LocalDate today,
      ToDoubleFunction<LocalDate> usual,
      Map<LocalDate, Forecast.Day> ahead) {

    private boolean goes(LocalDate from) {
      return from.datesUntil(from.plusDays(SURE_DAYS))
          .allMatch(
              day ->
                  usual.applyAsDouble(day) >= needs.wished
                      && tooCold(day) <= GOES
                      && !needs.dry.test(day));
    }

    /** A plant is in on the evening before the night that is too much. */
    private boolean isOver(LocalDate day) {
      return tooCold(day.plusDays(1)) > STAYS
          || usual.applyAsDouble(day) < needs.wished - LESS
          || needs.dry.test(day);
    }

    private double tooCold(LocalDate day) {
      Forecast.Day told = ahead.get(day);
      return told == null
          ? Normal.below((needs.bears - usual.applyAsDouble(day)) / NIGHTS_DIFFER)
          : Forecast.below(needs.bears, told, today);
    }
  }
}
