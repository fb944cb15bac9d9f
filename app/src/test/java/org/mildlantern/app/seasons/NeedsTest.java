package org.mildlantern.app.seasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class NeedsTest {
  @Autowired TestClock clock;
  @Autowired Keepers keepers;
  @Autowired PlantService plants;
  @Autowired PlantSeasons seasons;
  @Autowired Needs needs;

  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aSill() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private void on(String day) {
    clock.forward(Duration.between(clock.instant(), Instant.parse(day + "T10:00:00Z")));
  }

  private Optional<String> of(PlantView plant) {
    return keepers.as(keeper, () -> needs.of(plant, seasons.course(plant)));
  }

  @Test
  void aHolidayCactusIsToldHowLongItsNightsAre() {
    PlantView cactus = keepers.plant(keeper, sill, "Schlumbergera truncata");
    on("2027-09-25");
    assertThat(of(cactus).orElseThrow()).contains("h long now").contains("of darkness for");
    on("2027-12-20");
    assertThat(of(cactus)).isEmpty();
  }

  @Test
  void weeksWithoutADrinkCountInADryRest() {
    on("2027-09-01");
    PlantView bulb = keepers.plant(keeper, sill, "Hippeastrum");
    assertThat(of(bulb)).isEmpty();
    keepers.note(keeper, bulb.id(), "watered 100");
    clock.forward(Duration.ofDays(36));
    assertThat(of(bulb)).contains("Last drink 5 weeks ago.");
  }

  @Test
  void aGrowthIsRipeByWhatWasMeasured() {
    PlantView cattleya = keepers.plant(keeper, sill, "Cattleya");
    assertThat(of(cattleya)).isEmpty();
    keepers.note(keeper, cattleya.id(), "new bulb 10 cm");
    assertThat(of(cattleya)).isEmpty();
    clock.forward(Duration.ofDays(60));
    keepers.note(keeper, cattleya.id(), "new bulb 12 cm");
    assertThat(of(cattleya))
        .contains("Its newest pseudobulb is 12 cm, 120 % of the largest before.");
  }

  @Test
  void whatFlowersByCoolNightsOrIsNotKnownHasNoOtherNeed() {
    assertThat(of(keepers.plant(keeper, sill, "Cymbidium"))).isEmpty();
    PlantView gift =
        keepers.as(keeper, () -> plants.add(Keepers.form(sill, "Some gift", "leafy-stem")));
    assertThat(of(gift)).isEmpty();
  }
}
