package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class StayTest {
  private static LocalDate day(int n) {
    return LocalDate.of(2026, 5, n);
  }

  private static Stay.Together together(List<Stay> one, List<Stay> other) {
    return Stay.together(one, other, day(5), day(25));
  }

  @Test
  void daysInTheSamePlaceCountWithinTheWindow() {
    List<Stay> one = List.of(new Stay(1, day(1), day(10)), new Stay(2, day(10), day(31)));
    List<Stay> other = List.of(new Stay(1, day(1), day(31)));
    assertThat(together(one, other)).isEqualTo(new Stay.Together(6, day(10)));
    assertThat(together(other, one)).isEqualTo(new Stay.Together(6, day(10)));
    assertThat(together(one, List.of(new Stay(2, day(20), day(31)))))
        .isEqualTo(new Stay.Together(6, day(25)));
  }

  @Test
  void plantsThatNeverMetWereNotTogether() {
    assertThat(
            together(List.of(new Stay(1, day(1), day(31))), List.of(new Stay(2, day(1), day(31)))))
        .isNull();
    assertThat(
            together(List.of(new Stay(1, day(1), day(4))), List.of(new Stay(1, day(1), day(31)))))
        .isNull();
  }

  @Test
  void timesApartAddUp() {
    List<Stay> wanderer =
        List.of(
            new Stay(1, day(6), day(8)),
            new Stay(2, day(9), day(11)),
            new Stay(1, day(12), day(14)));
    assertThat(together(wanderer, List.of(new Stay(1, day(1), day(31)))))
        .isEqualTo(new Stay.Together(6, day(14)));
  }
}
