package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.water.Standing.Fill;
import org.mildlantern.core.water.Standing.Kind;

class StandingTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
  private static final PotShape POT = PotShape.of(PotShape.Kind.ROUND, 12, null);

  private static Standing.Outlook outlook(Fill... fills) {
    return Standing.outlook(
        new Standing.Level(null, 250), 0.1, 500, List.of(fills), 1, false, TODAY);
  }

  private static Fill filled(int ago, Double ml) {
    return new Fill(TODAY.minusDays(ago), ml, 1);
  }

  @Test
  void aTrayIsLowAtRestAndAReservoirIsAQuarterOfThePot() {
    assertThat(Standing.level(Kind.TRAY, POT, false).cm()).isEqualTo(1.0);
    assertThat(Standing.level(Kind.TRAY, POT, true).cm()).isEqualTo(0.5);
    assertThat(Standing.level(Kind.RESERVOIR, POT, false).ml())
        .isCloseTo(250 * POT.litres(), within(1e-9));
    assertThat(Standing.level(Kind.WICK, POT, false).cm()).isNull();
  }

  @Test
  void looksWhenFourFifthsAreGone() {
    assertThat(outlook().lookOn()).isEqualTo(TODAY);
    assertThat(outlook(filled(0, null)).mlADay()).isEqualTo(50);
    assertThat(outlook(filled(0, null)).lookOn()).isEqualTo(TODAY.plusDays(4));
    assertThat(outlook(filled(9, null)).lookOn()).isEqualTo(TODAY);
    assertThat(outlook(filled(3, null)).working().steps()).hasSize(3);
  }

  @Test
  void learnsWhatThePotDrawsFromMeasuredFills() {
    Standing.Outlook thirsty =
        outlook(filled(9, 240.0), filled(6, 240.0), filled(3, 240.0), filled(0, 240.0));
    assertThat(thirsty.mlADay()).isCloseTo((2 * 50 + 3 * 80) / 5.0, within(1e-9));
    assertThat(thirsty.lookOn()).isBefore(outlook(filled(0, null)).lookOn());
  }

  @Test
  void aLowLevelBringsTheDayForward() {
    LocalDate full = outlook(new Fill(TODAY, null, 1)).lookOn();
    LocalDate half = outlook(new Fill(TODAY, null, 0.5)).lookOn();
    LocalDate empty = outlook(new Fill(TODAY, null, 0)).lookOn();
    assertThat(List.of(empty, half, full)).isSorted();
    assertThat(empty).isEqualTo(TODAY.plusDays(1));
  }

  @Test
  void reservoirsAreLeftOffInColdDarkMonthsAndTraysOnlyLowered() {
    assertThat(Standing.off(Kind.RESERVOIR, Season.WINTER, 14.0, false)).isTrue();
    assertThat(Standing.off(Kind.WICK, Season.WINTER, null, false)).isTrue();
    assertThat(Standing.off(Kind.RESERVOIR, Season.WINTER, 21.0, false)).isFalse();
    assertThat(Standing.off(Kind.RESERVOIR, Season.WINTER, 14.0, true)).isFalse();
    assertThat(Standing.off(Kind.RESERVOIR, Season.SUMMER, 14.0, false)).isFalse();
    assertThat(Standing.off(Kind.TRAY, Season.WINTER, 5.0, false)).isFalse();
  }

  @Test
  void flushesComeByDateAndLateOnesToday() {
    assertThat(Standing.flushOn(TODAY.minusDays(5), Standing.CUP_DAYS, TODAY))
        .isEqualTo(TODAY.plusDays(16));
    assertThat(Standing.flushOn(TODAY.minusDays(90), Standing.CUP_DAYS, TODAY)).isEqualTo(TODAY);
    assertThat(Standing.flushOn(null, Standing.FLUSH_DAYS, TODAY)).isEqualTo(TODAY);
  }
}
