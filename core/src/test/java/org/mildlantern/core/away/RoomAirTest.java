package org.mildlantern.core.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Absence;
import org.mildlantern.core.knowledge.Library;

class RoomAirTest {
  private static final Absence ABSENCE = Library.shipped().absence();

  private static RoomAir room(double celsius, boolean heated, Double... wished) {
    return new RoomAir(celsius, celsius - 2, 45.0, heated, false, Arrays.asList(wished), 14);
  }

  @Test
  void itGoesDownAsFarAsTheMostTenderPlantBears() {
    assertThat(room(21, true, 10.0, 5.0).down()).isEqualTo(4);
    assertThat(room(21, true, 10.0, 16.5).down()).isEqualTo(2);
    assertThat(room(21, true, 10.0, 18.0).down()).isEqualTo(1);
    assertThat(room(21, true, 10.0, 19.0).down()).isZero();
    assertThat(room(21, true, 24.0).down()).isZero();
  }

  @Test
  void whereAPlantsWishIsNotKnownItStaysAsItIs() {
    assertThat(room(21, true, 10.0, null).down()).isZero();
    assertThat(room(21, false, 10.0).down()).isZero();
  }

  /** At 21 °C and 45 % the air lacks 1.37 kPa; with the same water at 18 °C it lacks 0.95. */
  @Test
  void coolerAirTakesLessByWhatItLacks() {
    assertThat(room(21, true, 5.0).pace(3)).isCloseTo(0.69, within(0.01));
    assertThat(room(21, true, 5.0).pace(0)).isEqualTo(1);
    RoomAir unknown = new RoomAir(21, 19, null, true, false, List.of(5.0), 14);
    assertThat(unknown.pace(3)).isBetween(0.69, 0.8);
    RoomAir damp = new RoomAir(21, 19, 95.0, true, false, List.of(5.0), 14);
    assertThat(damp.pace(3)).isEqualTo(0.5);
  }

  @Test
  void blindsAreForSunAndNotForLong() {
    RoomAir sunny = new RoomAir(21, 19, 45.0, true, true, List.of(5.0), 21);
    assertThat(ABSENCE.means(sunny)).extracting(Means::id).containsExactly("heating", "blinds");
    RoomAir longer = new RoomAir(21, 19, 45.0, true, true, List.of(5.0), 22);
    assertThat(ABSENCE.means(longer)).extracting(Means::id).containsExactly("heating");
    assertThat(ABSENCE.means(room(21, false, 5.0))).isEmpty();
  }
}
