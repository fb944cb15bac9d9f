package org.mildlantern.app.seasons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceForm;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.springframework.beans.factory.annotation.Autowired;

class SeasonPagesTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired SeasonService seasons;
  @Autowired PlaceService places;
  @Autowired PlantService plants;

  private SignedIn keeper;
  private PlaceView room;

  @BeforeEach
  void aWarmRoomInSeptember() {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-09-20T10:00:00Z")));
    keeper = keepers.make();
    room =
        keepers.as(
            keeper,
            () ->
                places
                    .save(null, PlaceForm.of("Room", PlaceKind.INDOOR, 22.0, 50.0))
                    .orElseThrow());
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  /** A plant of which no stage was noted. */
  private PlantView unnoted(PlaceView place, String kind) {
    return keepers.as(keeper, () -> plants.add(Keepers.bare(place, kind)));
  }

  private PlantYear year(PlantView plant) {
    return keepers.as(keeper, () -> seasons.of(plant));
  }

  @Test
  void aWarmRoomGivesACymbidiumNoCoolNightsAndACoolOneIsProposed() {
    PlantView cymbidium = keepers.plant(keeper, room, "Cymbidium");
    assertThat(year(cymbidium).ledger().words())
        .contains("of 28 nights at or below 14 °C")
        .contains("none of your places gives the rest");
    keepers.as(
        keeper,
        () -> places.save(null, PlaceForm.of("Porch", PlaceKind.INDOOR, 13.0, 60.0)).orElseThrow());
    assertThat(year(cymbidium).ledger().words()).contains("Porch gives the rest by");
    assertThat(year(cymbidium).line()).isEqualTo(year(cymbidium).ledger().words());
  }

  @Test
  void whatRestsDryIsNotSentIntoTheRain() {
    clock.forward(Duration.between(clock.instant(), Instant.parse("2027-11-20T10:00:00Z")));
    PlantView pleione = keepers.plant(keeper, room, "Pleione formosana");
    keepers.place(keeper, "Yard", PlaceKind.OUTDOOR);
    keepers.as(
        keeper, () -> places.save(null, PlaceForm.of("Pen", PlaceKind.QUARANTINE, 3.0, 60.0)));
    assertThat(year(pleione).ledger().words()).contains("none of your places gives the rest");
    keepers.as(
        keeper, () -> places.save(null, PlaceForm.of("Cellar", PlaceKind.INDOOR, 5.0, 60.0)));
    assertThat(year(pleione).ledger().words()).contains("Cellar gives the rest by");
  }

  @Test
  void whatHasNoCueThatIsCountedHasNoLedger() {
    assertThat(year(keepers.plant(keeper, room, "Spathiphyllum wallisii")).ledger()).isNull();
    PlantView unknown =
        keepers.as(keeper, () -> plants.add(Keepers.form(room, "Some gift", "leafy-stem")));
    assertThat(year(unknown).cue()).isEmpty();
    assertThat(year(unknown).ledger()).isNull();
  }

  @Test
  void theBarsOfTheYearAheadFollowWithoutAGap() {
    PlantYear year = year(keepers.plant(keeper, room, "Pleione formosana"));
    int at = 0;
    for (PlantYear.Bar bar : year.bars()) {
      assertThat(bar.from()).isEqualTo(at);
      at += bar.length();
    }
    assertThat(at).isEqualTo(24);
    assertThat(year.bars()).anyMatch(bar -> bar.css().equals("rest-dry"));
  }

  @Test
  void aStageThatWasNotedOnceDoesNotLastAllTheYear() {
    PlantForm bud = Keepers.form(room, "Laelia anceps", null);
    PlantView laelia =
        keepers.as(
            keeper,
            () ->
                plants.add(
                    new PlantForm(
                        bud.code(),
                        bud.kind(),
                        bud.formId(),
                        bud.placeId(),
                        bud.pot(),
                        bud.mediumId(),
                        bud.ownMedium(),
                        bud.mediumSince(),
                        bud.waterUsed(),
                        Stage.BUD,
                        bud.arrivedOn(),
                        bud.notes())));
    assertThat(year(laelia).stage()).startsWith("in bud");
    assertThat(year(laelia).bars()).anyMatch(bar -> bar.css().equals("growth"));
  }

  @Test
  void thePagesShowTheYearToItsKeeperOnly() throws Exception {
    get(keeper, "/seasons").andExpect(content().string(containsString("No plant is here yet")));
    PlantView maple = unnoted(room, "Acer palmatum");
    get(keeper, "/seasons")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Acer palmatum"), containsString("Its rest begins about"))));
    get(keeper, "/plants/" + maple.id()).andExpect(content().string(containsString("Its year")));
    PlaceView porch = keepers.place(keeper, "Porch", PlaceKind.INDOOR);
    keepers.plant(keeper, porch, "Hoya carnosa");
    get(keeper, "/seasons?place=" + porch.id())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("/plants/"),
                        containsString("Hoya carnosa"),
                        not(containsString("Acer palmatum: ")))));
    get(keepers.make(), "/seasons?place=" + porch.id())
        .andExpect(content().string(not(containsString("Hoya carnosa"))));
    get(keepers.make(), "/seasons")
        .andExpect(content().string(not(containsString("Acer palmatum"))));
  }

  @Test
  void aRestIsAskedAboutOnTheRoundAndNotedByATap() throws Exception {
    clock.forward(Duration.between(clock.instant(), Instant.parse("2027-11-05T10:00:00Z")));
    PlantView flytrap = unnoted(room, "Dionaea muscipula");
    get(keeper, "/today")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Look whether its rest begins: cold, just damp"),
                        containsString("no place of yours suits it better"))));
    post(keeper, "/seasons/stage?stage=REST", "plants", flytrap.id().toString());
    PlantView asleep = keepers.as(keeper, () -> plants.find(flytrap.id())).orElseThrow();
    assertThat(asleep.noted()).contains(Stage.REST);
    get(keeper, "/today")
        .andExpect(content().string(not(containsString("Look whether its rest begins"))));
    SignedIn other = keepers.make();
    post(other, "/seasons/stage?stage=GROWTH", "plants", flytrap.id().toString());
    assertThat(keepers.as(keeper, () -> plants.find(flytrap.id())).orElseThrow().noted())
        .contains(Stage.REST);
  }

  @Test
  void aNotedStageIsTakenBackAndAnOlderOneIsHistory() {
    PlantView orchid = keepers.plant(keeper, room, "Phalaenopsis");
    keepers.note(keeper, orchid.id(), "new spike");
    assertThat(keepers.as(keeper, () -> plants.find(orchid.id())).orElseThrow().noted())
        .contains(Stage.BUD);
    keepers.note(keeper, orchid.id(), "yesterday in flower");
    assertThat(keepers.as(keeper, () -> plants.find(orchid.id())).orElseThrow().noted())
        .contains(Stage.BUD);
  }

  @Test
  void nightsCountWhereAPlantStoodThen() {
    PlaceView porch =
        keepers.as(
            keeper,
            () ->
                places
                    .save(null, PlaceForm.of("Porch", PlaceKind.INDOOR, 11.0, 60.0))
                    .orElseThrow());
    Long id = keepers.plant(keeper, room, "Cymbidium").id();
    keepers.note(keeper, id, "moved to Porch");
    clock.forward(Duration.ofDays(10));
    PlantView moved = keepers.as(keeper, () -> plants.find(id)).orElseThrow();
    double here = year(moved).ledger().percent();
    PlantView always = keepers.plant(keeper, porch, "Cymbidium");
    assertThat(here).isLessThan(year(always).ledger().percent());
    assertThat(here).isBetween(20.0, 50.0);
  }

  @Test
  void aTenderPlantComesInBeforeNightsAreTooCold() throws Exception {
    PlaceView yard = keepers.place(keeper, "Yard", PlaceKind.OUTDOOR);
    PlantView hoya = keepers.plant(keeper, yard, "Hoya carnosa");
    keepers.plant(keeper, yard, "Juniperus chinensis");
    get(keeper, "/seasons/air")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("It comes in by"),
                        containsString("It may stay out the year round"))));
    clock.forward(Duration.ofDays(20));
    get(keeper, "/today").andExpect(content().string(containsString("Comes in by")));
    keepers.note(keeper, hoya.id(), "moved to Room");
    get(keeper, "/today").andExpect(content().string(not(containsString("Comes in by"))));
  }

  @Test
  void aSpikeOpensSoonerWhereItIsWarmer() throws Exception {
    keepers.as(
        keeper, () -> places.save(null, PlaceForm.of("Porch", PlaceKind.INDOOR, 19.0, 60.0)));
    PlantView orchid = keepers.plant(keeper, room, "Phalaenopsis");
    String page = "/plants/" + orchid.id() + "/bloom";
    get(keeper, page).andExpect(content().string(containsString("No buds are noted")));
    keepers.note(keeper, orchid.id(), "new spike");
    get(keeper, page + "?day=2027-12-24")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Porch"),
                        containsString("Open that day"),
                        containsString("it drops buds when moved"))));
    get(keeper, page + "?day=soon").andExpect(content().string(containsString("A day, please")));
  }
}
