package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.light.SunYear.Clear;

class BurnDayTest {
  private static final LightWish SHADE = new LightWish(2, 6);
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 30);
  private static final LocalDate MOVED = LocalDate.of(2026, 5, 12);
  private static final Clear DIM = new Clear(2, 0, 80);
  private static final Clear SUNNY = new Clear(15, 4, 900);

  private static Optional<Clear> sun(LocalDate day) {
    return Optional.of(day.isBefore(MOVED) ? DIM : SUNNY);
  }

  @Test
  void isTheDayOfTheMoveIntoTheSun() {
    BurnDay burnt = BurnDay.last(SHADE, TODAY.minusDays(45), TODAY, BurnDayTest::sun).orElseThrow();
    assertThat(burnt.day()).isEqualTo(MOVED);
    assertThat(burnt.before()).isEqualTo(DIM);
    assertThat(burnt.after()).isEqualTo(SUNNY);
  }

  @Test
  void thereIsNoneForAPlantOfTheSun() {
    assertThat(BurnDay.last(new LightWish(20, 45), TODAY.minusDays(45), TODAY, BurnDayTest::sun))
        .isEmpty();
  }

  @Test
  void thereIsNoneWhereNothingChanged() {
    assertThat(BurnDay.last(SHADE, TODAY.minusDays(45), TODAY, day -> Optional.of(SUNNY)))
        .isEmpty();
  }

  @Test
  void whatIsNotKnownIsNotAssumed() {
    assertThat(
            BurnDay.last(
                SHADE,
                TODAY.minusDays(45),
                TODAY,
                day -> day.isBefore(MOVED) ? Optional.empty() : Optional.of(SUNNY)))
        .isEmpty();
  }

  @Test
  void oneDayOfSunIsFoundAndOfTwoTheLaterOne() {
    LocalDate first = TODAY.minusDays(40);
    LocalDate second = TODAY.minusDays(10);
    assertThat(
            BurnDay.last(
                SHADE,
                TODAY.minusDays(45),
                TODAY,
                day -> Optional.of(day.equals(first) || day.equals(second) ? SUNNY : DIM)))
        .map(BurnDay::day)
        .contains(second);
  }
}
