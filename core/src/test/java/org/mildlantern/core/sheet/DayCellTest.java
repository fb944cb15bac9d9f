package org.mildlantern.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DayCellTest {
  private static final ZonedDateTime NOW = ZonedDateTime.parse("2026-11-23T10:00:00Z");

  private static DayCell read(String text, DayOrder order) {
    return DayCell.of(text, order, NOW);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2023-05-12          |             | 2023-05-12 | false",
        "2023/5/12           |             | 2023-05-12 | false",
        "2023-05-12 00:00:00 |             | 2023-05-12 | false",
        "12.5.2023           |             | 2023-05-12 | false",
        "12.05.23            | MONTH_FIRST | 2023-05-12 | false",
        "12/05/2023          | DAY_FIRST   | 2023-05-12 | false",
        "12/05/2023          | MONTH_FIRST | 2023-12-05 | false",
        "25/05/2023          |             | 2023-05-25 | false",
        "5/25/23             |             | 2023-05-25 | false",
        "5/5/2023            |             | 2023-05-05 | false",
        "12 May 2023         |             | 2023-05-12 | false",
        "12-May-23           |             | 2023-05-12 | false",
        "Fri 12 May 2023     |             | 2023-05-12 | false",
        "12th of May, 2023   |             | 2023-05-12 | false",
        "May 12, 2023        |             | 2023-05-12 | false",
        "Sept 3rd 2021       |             | 2021-09-03 | false",
        "May 2023            |             | 2023-05-15 | true",
        "05/2023             |             | 2023-05-15 | true",
        "2023-05             |             | 2023-05-15 | true",
        "2019                |             | 2019-07-01 | true",
        "in 2019             |             | 2019-07-01 | true",
        "Nov 2026            |             | 2026-11-15 | true",
        "45058               |             | 2023-05-12 | false",
        "yesterday           |             | 2026-11-22 | false",
        "2 months ago        |             | 2026-09-23 | false",
        "31/12/98            |             | 1998-12-31 | false",
      })
  void readsDaysAsGrowersWriteThem(String text, DayOrder order, LocalDate day, boolean rough) {
    DayCell cell = read(text, order);
    assertThat(cell.problem()).isNull();
    assertThat(cell.day()).isEqualTo(day);
    assertThat(cell.rough()).isEqualTo(rough);
  }

  @Test
  void twoFiguresThatMayBeEitherAreAsked() {
    DayCell cell = read("12/05/2023", null);
    assertThat(cell.asks()).isTrue();
    assertThat(cell.day()).isNull();
    assertThat(read("25/05/2023", null).shows()).isEqualTo(DayOrder.DAY_FIRST);
    assertThat(read("5/25/2023", null).shows()).isEqualTo(DayOrder.MONTH_FIRST);
    assertThat(read("25.05.2023", null).shows()).isNull();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "2027-01-01",
        "31 Feb 2020",
        "32/13/2020",
        "soon",
        "1234-01-01",
        "0",
        "spring",
        "tomorrow",
        "2023-13-01",
        "12 Foo 2020",
        "watered yesterday"
      })
  void whatIsNoDayIsSaid(String text) {
    assertThat(read(text, null).problem()).isNotBlank();
    assertThat(read(text, null).day()).isNull();
  }
}
