package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;

class NightsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

  private static Taxon kind(String name) {
    return Library.shipped().knowledge().taxonNamed(name).orElseThrow();
  }

  private static Forecast.Day tomorrow(double low, double high) {
    return new Forecast.Day(TODAY.plusDays(1), low, high);
  }

  @Test
  void theWeatherReachesNoHeatedRoom() {
    assertThat(Nights.at(false, 17.0)).isEmpty();
    assertThat(Nights.at(false, null)).isEmpty();
    assertThat(Nights.at(false, 4.0)).contains(new Nights(false));
    assertThat(Nights.at(true, null)).contains(new Nights(true));
  }

  @Test
  void aTenderKindInTheOpenIsInDangerWhereAHardyOneIsNot() {
    Nights open = new Nights(true);
    Taxon orchid = kind("Phalaenopsis");
    Nights.Danger danger = open.of(orchid, tomorrow(3, 12), TODAY).orElseThrow();
    assertThat(danger.harm()).isEqualTo(Nights.Harm.COLD);
    assertThat(danger.expected()).isEqualTo(3);
    assertThat(danger.bears()).isEqualTo(ColdBorne.night(orchid)).isGreaterThan(3);
    assertThat(danger.chance()).isGreaterThan(0.99);
    assertThat(open.of(kind("Juniperus chinensis"), tomorrow(3, 12), TODAY)).isEmpty();
  }

  @Test
  void anUnheatedRoomSheltersByNight() {
    Taxon orchid = kind("Phalaenopsis");
    double low = ColdBorne.night(orchid) - 1;
    assertThat(new Nights(true).of(orchid, tomorrow(low, low + 8), TODAY)).isPresent();
    assertThat(new Nights(false).of(orchid, tomorrow(low, low + 8), TODAY)).isEmpty();
    double frosty = ColdBorne.night(orchid) - 8;
    assertThat(new Nights(false).of(orchid, tomorrow(frosty, frosty + 8), TODAY).orElseThrow())
        .satisfies(danger -> assertThat(danger.expected()).isGreaterThan(frosty));
  }

  @Test
  void heatIsFearedInTheOpenOnly() {
    Taxon orchid = kind("Phalaenopsis");
    double hot = orchid.warmestWished() + 8;
    Nights.Danger danger =
        new Nights(true).of(orchid, tomorrow(hot - 12, hot), TODAY).orElseThrow();
    assertThat(danger.harm()).isEqualTo(Nights.Harm.HEAT);
    assertThat(danger.expected()).isEqualTo(hot);
    assertThat(danger.bears()).isLessThan(hot);
    assertThat(new Nights(false).of(orchid, tomorrow(hot - 12, hot), TODAY)).isEmpty();
  }

  @Test
  void aLimitThatIsNearIsFearedFurtherAheadOnlyBySomeChance() {
    Taxon orchid = kind("Phalaenopsis");
    double low = ColdBorne.night(orchid) + 1.5;
    Forecast.Day later = new Forecast.Day(TODAY.plusDays(6), low, low + 8);
    assertThat(new Nights(true).of(orchid, tomorrow(low, low + 8), TODAY)).isEmpty();
    assertThat(new Nights(true).of(orchid, later, TODAY).orElseThrow().chance())
        .isBetween(0.25, 0.5);
  }

  @Test
  void roomsAreHeatedInColdWeather() {
    assertThat(Nights.heating(5)).isGreaterThan(0.95);
    assertThat(Nights.heating(20)).isLessThan(0.05);
  }
}
