package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.light.Glass;

class ColdTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();

  @Test
  void thePaneIsAsColdAsItsLossSays() {
    // 2.8 W/(m² K) across 0.13 m² K/W of still air: 36 % of the fall lies before the pane.
    assertThat(new ColdPane(18, -6, Glass.DOUBLE).pane()).isCloseTo(9.26, within(0.01));
    assertThat(new ColdPane(18, -6, Glass.SINGLE).pane()).isCloseTo(-0.1, within(0.05));
    assertThat(new ColdPane(18, -6, Glass.TRIPLE).pane()).isGreaterThan(15);
    assertThat(new ColdPane(18, -6, Glass.NONE).pane()).isEqualTo(-6);
    assertThat(new ColdPane(18, 18, Glass.SINGLE).pane()).isEqualTo(18);
  }

  @Test
  void awayFromThePaneItGrowsWarmerUpToTheRoom() {
    ColdPane night = new ColdPane(18, -6, Glass.DOUBLE);
    double last = night.pane();
    for (double metres : new double[] {0.02, 0.05, 0.15, 0.4, 1}) {
      assertThat(night.at(metres)).isGreaterThan(last).isLessThan(18);
      last = night.at(metres);
    }
    assertThat(night.at(0)).isCloseTo(night.pane(), within(1e-9));
    assertThat(night.at(2)).isCloseTo(18, within(0.01));
    assertThat(night.behindCurtain()).isLessThan(night.at(0.1)).isGreaterThan(-6);
  }

  @Test
  void leavesCoolAsNewtonSays() {
    Carriage way = new Carriage(20, -8);
    double minutes = way.minutes(Carriage.Wrap.PAPER, 8);
    assertThat(way.after(Carriage.Wrap.PAPER, minutes)).isCloseTo(8, within(1e-9));
    assertThat(way.after(Carriage.Wrap.PAPER, 0)).isEqualTo(20);
    double last = 0;
    for (Carriage.Wrap wrap : Carriage.Wrap.values()) {
      assertThat(way.minutes(wrap, 8)).isGreaterThan(last);
      last = way.minutes(wrap, 8);
    }
    assertThat(way.minutes(Carriage.Wrap.BARE, -10)).isInfinite();
    assertThat(new Carriage(5, -8).minutes(Carriage.Wrap.BOX, 8)).isZero();
    assertThat(new Carriage(20, -20).minutes(Carriage.Wrap.BARE, 8))
        .isLessThan(way.minutes(Carriage.Wrap.BARE, 8));
  }

  @Test
  void whatBearsFrostIsNotChilledAndWhatIsTenderIs() {
    assertThat(ColdBorne.onTheWay(KNOWLEDGE.taxonNamed("Phalaenopsis").orElseThrow())).isEqualTo(8);
    assertThat(ColdBorne.onTheWay(KNOWLEDGE.taxonNamed("Juniperus chinensis").orElseThrow()))
        .isEqualTo(-8);
    assertThat(ColdBorne.night(KNOWLEDGE.taxonNamed("Sarracenia purpurea").orElseThrow()))
        .isEqualTo(-8);
    assertThat(ColdBorne.night(KNOWLEDGE.taxonNamed("Ficus microcarpa").orElseThrow()))
        .isEqualTo(12);
  }

  @Test
  void aForecastIsTheLessSureTheFurtherAhead() {
    LocalDate today = LocalDate.of(2026, 11, 27);
    Forecast.Day tomorrow = new Forecast.Day(today.plusDays(1), -2, 3);
    Forecast.Day later = new Forecast.Day(today.plusDays(8), -2, 3);
    assertThat(Forecast.below(0, tomorrow, today)).isCloseTo(0.952, within(0.002));
    assertThat(Forecast.below(0, later, today))
        .isLessThan(Forecast.below(0, tomorrow, today))
        .isGreaterThan(0.5);
    assertThat(Forecast.below(-2, tomorrow, today)).isCloseTo(0.5, within(1e-6));
    assertThat(Forecast.above(30, tomorrow, today)).isLessThan(1e-6);
    assertThat(new Forecast(Instant.EPOCH, List.of(tomorrow)).on(today)).isEmpty();
    assertThat(new Forecast.Day(today, 5, 3).canBe()).isFalse();
    assertThat(new Forecast.Day(today, -200, 3).canBe()).isFalse();
  }
}
