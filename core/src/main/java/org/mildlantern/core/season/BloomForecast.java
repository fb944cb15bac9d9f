package org.mildlantern.core.season;

import java.time.LocalDate;
import java.util.Optional;

/**
 * When buds that were seen open, by degree-days: the weeks of the kind are those at twenty degrees,
 * and warmth above five degrees counts. Rule of thumb.
 *
 * <p>Example: six to nine weeks at 20 °C are nine to thirteen and a half at 15 °C.
 *
 * @param from the earliest day, with {@code to} the latest, of the first open flower
 * @param ends when the last is over, or null where that is not known
 */
public record BloomForecast(LocalDate from, LocalDate to, LocalDate ends) {
  private static final double AT = 20;
  private static final double BASE = 5;
  private static final double SLOWEST = 0.2;

  /**
   * Of buds.
   *
   * @param seen the day on which the first was noted
   * @param celsius mean warmth of the place
   * @param flowerWeeks that flowers last, or null
   */
  public static Optional<BloomForecast> of(
      BloomYear bloom, LocalDate seen, double celsius, Integer flowerWeeks) {
    if (bloom == null) {
      return Optional.empty();
    }
    double pace = Math.max(SLOWEST, (celsius - BASE) / (AT - BASE));
    LocalDate from = seen.plusDays(Math.round(bloom.buds().get(0) * 7 / pace));
    LocalDate to = seen.plusDays(Math.round(bloom.buds().get(1) * 7 / pace));
    return Optional.of(
        new BloomForecast(from, to, flowerWeeks == null ? null : to.plusWeeks(flowerWeeks)));
  }
}
