package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class MonthsTest {
  private static final double NORTH = 53;
  private static final double SOUTH = -35;

  private final Months winter = Months.of("nov-feb");

  @Test
  void goOverTheTurnOfTheYear() {
    assertThat(winter.contain(LocalDate.of(2026, 11, 1), NORTH)).isTrue();
    assertThat(winter.contain(LocalDate.of(2027, 2, 28), NORTH)).isTrue();
    assertThat(winter.contain(LocalDate.of(2027, 3, 1), NORTH)).isFalse();
    assertThat(winter.contain(LocalDate.of(2026, 10, 31), NORTH)).isFalse();
  }

  @Test
  void areHalfAYearLaterInTheSouth() {
    assertThat(winter.contain(LocalDate.of(2026, 5, 1), SOUTH)).isTrue();
    assertThat(winter.contain(LocalDate.of(2026, 8, 31), SOUTH)).isTrue();
    assertThat(winter.contain(LocalDate.of(2026, 12, 1), SOUTH)).isFalse();
    assertThat(winter.words(SOUTH)).isEqualTo("May to August");
    assertThat(winter.words(NORTH)).isEqualTo("November to February");
  }

  @Test
  void comeNextOnTheFirstOfAMonthOrAreNow() {
    Months spring = Months.of("feb-apr");
    LocalDate november = LocalDate.of(2026, 11, 25);
    assertThat(spring.next(november, NORTH)).isEqualTo(LocalDate.of(2027, 2, 1));
    LocalDate march = LocalDate.of(2027, 3, 9);
    assertThat(spring.next(march, NORTH)).isEqualTo(march);
    assertThat(spring.next(march, SOUTH)).isEqualTo(LocalDate.of(2027, 8, 1));
  }

  @Test
  void oneMonthIsWrittenAlone() {
    Months april = Months.of("apr");
    assertThat(april.text()).isEqualTo("apr");
    assertThat(april.words(NORTH)).isEqualTo("April");
    assertThat(Months.of(winter.text())).isEqualTo(winter);
    assertThatThrownBy(() -> Months.of("winter")).hasMessageContaining("winter");
  }
}
