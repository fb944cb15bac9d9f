package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DaysTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
  private final Days days = new Days(TODAY, ZoneId.of("Europe/London"));

  @Test
  void nearDaysNameTheWeekdayAndFarOnesTheYear() {
    assertThat(days.of(LocalDate.of(2026, 11, 28))).isEqualTo("Sat 28 Nov");
    assertThat(days.of(LocalDate.of(2020, 2, 3))).isEqualTo("3 Feb 2020");
    assertThat(days.of((LocalDate) null)).isEmpty();
    assertThat(days.weekday(TODAY)).isEqualTo("Monday");
  }

  @Test
  void anInstantIsADayInTheCollectionsZone() {
    Days auckland = new Days(TODAY, ZoneId.of("Pacific/Auckland"));
    Instant late = Instant.parse("2026-11-22T20:00:00Z");
    assertThat(days.of(late)).isEqualTo("Sun 22 Nov");
    assertThat(auckland.of(late)).isEqualTo("Mon 23 Nov");
  }

  @ParameterizedTest
  @CsvSource({"0, today", "1, tomorrow", "-1, yesterday", "3, in 3 days", "-9, 9 days ago"})
  void spansAreWords(int offset, String words) {
    assertThat(days.span(TODAY.plusDays(offset))).isEqualTo(words);
  }

  @ParameterizedTest
  @CsvSource({"10, 10 days", "59, 59 days", "62, 2 months", "800, 26 months"})
  void agesUseTheUnitThatFits(int ago, String words) {
    assertThat(days.age(TODAY.minusDays(ago))).isEqualTo(words);
  }
}
