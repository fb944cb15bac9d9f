package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.air.OutAndIn.Needs;

class OutAndInTest {
  private static final LocalDate JANUARY = LocalDate.of(2026, 1, 10);
  private static final LocalDate AUGUST = LocalDate.of(2026, 8, 10);
  private static final Needs TENDER = new Needs(10, 7, day -> false);

  /** A made-up year: nights of −2 °C in mid-January and 18 °C half a year later. */
  private static double night(LocalDate day) {
    return 8 - 10 * Math.cos((day.getDayOfYear() - 15) / 365.0 * 2 * Math.PI);
  }

  private static OutAndIn of(Needs needs, boolean isOut, LocalDate day) {
    return OutAndIn.of(needs, isOut, day, OutAndInTest::night, Map.of());
  }

  @Test
  void itGoesOutWhenNightsAreWarmForTwoWeeksAndComesInBeforeTheyAreNot() {
    OutAndIn year = of(TENDER, false, JANUARY);
    LocalDate out = year.out().orElseThrow();
    LocalDate in = year.in().orElseThrow();
    assertThat(out).isBetween(LocalDate.of(2026, 5, 1), LocalDate.of(2026, 6, 10));
    assertThat(night(out)).isGreaterThanOrEqualTo(10);
    assertThat(in).isBetween(LocalDate.of(2026, 9, 10), LocalDate.of(2026, 10, 20));
    assertThat(night(in)).isGreaterThan(7);
  }

  @Test
  void inTheSouthItIsHalfAYearLater() {
    ToDoubleFunction<LocalDate> south = day -> night(day.plusDays(182));
    OutAndIn year = OutAndIn.of(TENDER, false, JANUARY.plusDays(182), south, Map.of());
    assertThat(year.out().orElseThrow())
        .isBetween(LocalDate.of(2026, 11, 1), LocalDate.of(2026, 12, 10));
  }

  @Test
  void aHardyKindStaysOutAndOneOfTheWarmTropicsNeverGoes() {
    assertThat(of(new Needs(-20, -20, day -> false), false, JANUARY).allYear()).isTrue();
    OutAndIn tropical = of(new Needs(20, 17, day -> false), false, JANUARY);
    assertThat(tropical.out()).isEmpty();
    assertThat(tropical.allYear()).isFalse();
  }

  @Test
  void aFrostAheadPullsTheDate() {
    LocalDate cold = AUGUST.plusDays(4);
    OutAndIn usual = of(TENDER, true, AUGUST);
    OutAndIn pulled =
        OutAndIn.of(
            TENDER, true, AUGUST, OutAndInTest::night, Map.of(cold, new Forecast.Day(cold, 3, 15)));
    assertThat(usual.in().orElseThrow()).isAfter(AUGUST.plusDays(30));
    assertThat(pulled.in()).contains(cold.minusDays(1));
  }

  @Test
  void whatRestsDryIsInBeforeItsRest() {
    LocalDate rest = LocalDate.of(2026, 9, 1);
    OutAndIn dry = of(new Needs(5, 2, day -> !day.isBefore(rest)), true, AUGUST);
    assertThat(dry.in()).contains(rest);
    assertThat(of(new Needs(5, 2, day -> false), true, AUGUST).in().orElseThrow()).isAfter(rest);
  }
}
