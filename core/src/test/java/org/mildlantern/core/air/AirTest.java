package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirTest {
  @ParameterizedTest
  @CsvSource({
    // Psychrometric tables (ASHRAE): °C, %, VPD kPa, dew point, g/m³, wet bulb.
    "20, 50, 1.17, 9.3, 8.65, 13.8",
    "25, 60, 1.27, 16.7, 13.8, 19.5",
    "30, 30, 2.97, 10.5, 9.1, 18.4",
    "10, 90, 0.12, 8.4, 8.46, 9.2",
    "35, 100, 0, 35, 39.6, 35",
  })
  void itHoldsWhatTablesSay(
      double celsius, double humidity, double vpd, double dew, double grams, double wet) {
    Air air = new Air(celsius, humidity);
    assertThat(air.vpd()).isCloseTo(vpd, within(0.02));
    assertThat(air.dewPoint()).isCloseTo(dew, within(0.15));
    assertThat(air.absolute()).isCloseTo(grams, within(0.15));
    assertThat(air.wetBulb()).isCloseTo(wet, within(0.3));
    assertThat(air.working().result()).contains("kPa");
  }

  @Test
  void wetBulbLiesBetweenDewPointAndWarmth() {
    for (double celsius = -20; celsius <= 50; celsius += 5) {
      for (double humidity = 5; humidity <= 100; humidity += 5) {
        Air air = new Air(celsius, humidity);
        assertThat(air.dewPoint()).isLessThanOrEqualTo(air.wetBulb() + 0.3);
        assertThat(air.wetBulb()).isLessThanOrEqualTo(celsius + 1e-9);
      }
    }
  }

  @Test
  void aHeatedRoomIsAsDryAsTheColdMakesIt() {
    Room room = new Room(50, 0.5);
    Air outdoor = new Air(2, 85);
    Air without = room.without(outdoor, 20);
    assertThat(without.humidity()).isBetween(24.0, 27.0);
    double grams = room.gramsFor(outdoor, new Air(20, 50));
    assertThat(grams).isBetween(95.0, 125.0);
    assertThat(room.moistened(outdoor, 20, grams).humidity()).isCloseTo(50, within(1e-6));
    assertThat(room.gramsFor(new Air(20, 80), new Air(20, 50))).isZero();
    // Twice the air takes twice the water.
    assertThat(new Room(100, 0.5).gramsFor(outdoor, new Air(20, 50)))
        .isCloseTo(2 * grams, within(1e-6));
  }

  @Test
  void whatIsGivenLeavesWithTheAirThatIsChanged() {
    Room room = new Room(40, 0.8);
    Air outdoor = new Air(-3, 90);
    Air inside = room.moistened(outdoor, 21, 130);
    double leaves = inside.absolute() * room.volume() * room.airChanges();
    double comes =
        outdoor.absolute()
            * (outdoor.celsius() + 273.15)
            / (21 + 273.15)
            * room.volume()
            * room.airChanges();
    assertThat(leaves - comes).isCloseTo(130, within(1e-6));
  }

  @Test
  void aTrayGivesAPointOrTwoAndAHumidifierMany() {
    Room room = new Room(50, 0.5);
    Air outdoor = new Air(2, 85);
    assertThat(Moistener.TRAY.points(room, outdoor, 20)).isBetween(1.0, 4.0);
    assertThat(Moistener.MISTING.points(room, outdoor, 20)).isBetween(0.3, 2.0);
    assertThat(Moistener.HUMIDIFIER.points(room, outdoor, 20)).isGreaterThan(30);
    // The tray in a large, airy room.
    assertThat(Moistener.TRAY.points(new Room(80, 1), outdoor, 20)).isBetween(0.2, 1.2);
    for (Moistener any : Moistener.values()) {
      assertThat(any.points(room, new Air(20, 100), 20)).isBetween(0.0, 1e-6);
    }
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatIllegalArgumentException().isThrownBy(() -> new Air(20, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> new Air(20, 101));
    assertThatIllegalArgumentException().isThrownBy(() -> new Air(Double.NaN, 50));
    assertThatIllegalArgumentException().isThrownBy(() -> new Room(0, 1));
    assertThatIllegalArgumentException().isThrownBy(() -> new Room(50, 0));
  }
}
