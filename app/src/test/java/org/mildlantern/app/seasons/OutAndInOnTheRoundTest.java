package org.mildlantern.app.seasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class OutAndInOnTheRoundTest {
  @Autowired TestClock clock;
  @Autowired Keepers keepers;
  @Autowired PlantService plants;
  @Autowired Scope scope;
  @Autowired OutAndInOnTheRound round;

  private SignedIn keeper;
  private PlaceView yard;
  private PlaceView sill;

  @BeforeEach
  void aYardAndASill() {
    on("2027-09-01");
    keeper = keepers.make();
    yard = keepers.place(keeper, "Yard", PlaceKind.OUTDOOR);
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private void on(String day) {
    clock.forward(Duration.between(clock.instant(), Instant.parse(day + "T10:00:00Z")));
  }

  private List<RoundSource.Due> due() {
    return keepers.as(
        keeper, () -> round.due(new RoundSource.Ground(scope.today(), plants.kept())));
  }

  @Test
  void aTenderPlantComesInAndAHardyOneStays() {
    PlantView orchid = keepers.plant(keeper, yard, "Cymbidium");
    keepers.plant(keeper, yard, "Juniperus chinensis");
    assertThat(due()).hasSize(1);
    RoundSource.Due in = due().get(0);
    assertThat(in.plant().id()).isEqualTo(orchid.id());
    assertThat(in.work()).isEqualTo(Work.MOVE);
    assertThat(in.on()).isAfter(keepers.as(keeper, () -> scope.today()).minusDays(1));
    assertThat(in.bears()).isAfterOrEqualTo(in.on());
  }

  @Test
  void whatRestsColdIsShelteredAndNotBroughtIntoAWarmRoom() {
    on("2027-11-20");
    keepers.plant(keeper, yard, "Dionaea muscipula");
    assertThat(due())
        .allSatisfy(
            row -> assertThat(row.item().apply(true).reason()).contains("not in a warm room"));
  }

  @Test
  void whatStoodOutLastYearIsAskedOutAgainAndNothingElse() {
    PlantView orchid = keepers.plant(keeper, yard, "Cymbidium");
    keepers.plant(keeper, sill, "Zygopetalum");
    keepers.note(keeper, orchid.id(), "moved to Sill");
    assertThat(due()).extracting(row -> row.plant().id()).containsOnly(orchid.id());
    on("2028-04-01");
    RoundSource.Due out = due().get(0);
    assertThat(out.on()).isAfter(keepers.as(keeper, () -> scope.today()));
    assertThat(out.item().apply(true).reason()).contains("It may go out from");
  }

  @Test
  void withoutAPlaceInTheOpenNothingIsSaid() {
    SignedIn other = keepers.make();
    PlaceView room = keepers.place(other, "Room", PlaceKind.INDOOR);
    keepers.plant(other, room, "Cymbidium");
    assertThat(
            keepers.as(
                other, () -> round.due(new RoundSource.Ground(scope.today(), plants.kept()))))
        .isEmpty();
  }
}
