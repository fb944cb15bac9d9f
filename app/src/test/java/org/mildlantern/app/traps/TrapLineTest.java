package org.mildlantern.app.traps;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrapLineTest {
  private static final LocalDate BEGUN = LocalDate.of(2026, 11, 1);

  @Test
  void aTrapLineFallsWithItsCountsAndNeedsTwo() {
    TrapService.Row first = new TrapService.Row(1L, BEGUN, 1, 20, 20, null);
    TrapService.Row second = new TrapService.Row(2L, BEGUN.plusDays(7), 2, 10, 5, 50L);
    TrapLine line = TrapLine.of(List.of(first, second));
    assertThat(line.marks().get(1).y()).isGreaterThan(line.marks().get(0).y());
    assertThat(line.told()).isEqualTo("From 20.0 a trap to 5.0 in 7 days");
    assertThat(TrapLine.of(List.of(first))).isNull();
    TrapService.Row none = new TrapService.Row(3L, BEGUN.plusDays(7), 1, 0, 0, null);
    assertThat(
            TrapLine.of(List.of(none, new TrapService.Row(4L, BEGUN.plusDays(14), 1, 0, 0, null)))
                .marks())
        .allMatch(mark -> Double.isFinite(mark.y()));
  }
}
