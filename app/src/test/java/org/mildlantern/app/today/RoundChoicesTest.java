package org.mildlantern.app.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import java.sql.Timestamp;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
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
import org.mildlantern.app.plants.Pot;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.water.Standing;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** How long a day may be, watering without a look, flushes, trays and reservoirs. */
class RoundChoicesTest extends WebCase {
  @Autowired RoundService rounds;
  @Autowired PlantService plants;
  @Autowired PlaceService places;
  @Autowired TestClock clock;

  @Autowired JdbcClient jdbc;

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

  private List<RoundItem> due(int inDays) {
    return keepers.as(keeper, () -> rounds.round(today().plusDays(inDays))).stops().stream()
        .flatMap(stop -> stop.items().stream())
        .filter(item -> !item.done())
        .toList();
  }

  private LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), keeper.zone());
  }

  private Stream<String> tasks(int inDays) {
    return due(inDays).stream().map(RoundItem::task);
  }

  private void say(PlantView plant, String line) {
    keepers.note(keeper, plant.id(), line);
  }

  private void choose(String minutes, String unseen) throws Exception {
    post(keeper, "/today/choices", "minutes", minutes, "unseen", unseen)
        .andExpect(redirectedUrl("/today#choices"));
  }

  @Test
  void aFullDayLetsPotsThatBearItWaitAndSaysWhich() throws Exception {
    for (int i = 0; i < 8; i++) {
      PlantView cactus = keepers.plant(keeper, sill, "Haworthia attenuata");
      say(cactus, "watered through");
    }
    Instant first = clock.instant();
    while (due(0).isEmpty()) {
      clock.forward(Duration.ofDays(1));
      assertThat(Duration.between(first, clock.instant()).toDays()).isLessThan(60);
    }
    int all = due(0).size();
    choose("5", "");
    assertThat(due(0)).hasSizeLessThan(all);
    Round round = keepers.as(keeper, () -> rounds.round(today()));
    assertThat(round.putOff()).hasSize(all - due(0).size()).contains("Haworthia attenuata");
    assertThat(round.tomorrow().stops()).isGreaterThanOrEqualTo(round.putOff().size());
    get(keeper, "/today").andExpect(content().string(containsString("bear it")));
    choose("", "");
    assertThat(due(0)).hasSize(all);
  }

  @Test
  void whereOnlyOneDayOfTheWeekHasTimeWhatBearsItWaitsForIt() throws Exception {
    for (int i = 0; i < 3; i++) {
      say(keepers.plant(keeper, sill, "Haworthia attenuata"), "watered through");
    }
    clock.forward(Duration.ofDays(16));
    while (due(0).isEmpty() || today().getDayOfWeek() == DayOfWeek.WEDNESDAY) {
      clock.forward(Duration.ofDays(1));
    }
    int all = due(0).size();
    post(
            keeper,
            "/today/choices",
            "minutes",
            "",
            "weekday",
            "0",
            "weekday",
            "0",
            "weekday",
            "60",
            "weekday",
            "0",
            "weekday",
            "0",
            "weekday",
            "0",
            "weekday",
            "0",
            "unseen",
            "")
        .andExpect(redirectedUrl("/today#choices"));
    assertThat(due(0)).isEmpty();
    int wait = 0;
    while (today().plusDays(wait).getDayOfWeek() != DayOfWeek.WEDNESDAY) {
      wait++;
    }
    assertThat(due(wait)).hasSizeGreaterThanOrEqualTo(all);
    get(keeper, "/today/week")
        .andExpect(
            content().string(allOf(containsString("60 min"), containsString("for a later day"))));
    get(keeper, "/today").andExpect(content().string(containsString("value=\"60\"")));
  }

  @Test
  void whatCannotWaitForADayWithTimeIsNamed() throws Exception {
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    say(coleus, "watered through");
    post(
        keeper,
        "/today/choices",
        "weekday",
        "0",
        "weekday",
        "0",
        "weekday",
        "0",
        "weekday",
        "0",
        "weekday",
        "0",
        "weekday",
        "0",
        "weekday",
        "0");
    get(keeper, "/today/week")
        .andExpect(
            content().string(allOf(containsString("Cannot wait"), containsString(coleus.code()))));
    get(keepers.make(), "/today/week")
        .andExpect(content().string(containsString("as much time as it takes")));
  }

  @Test
  void nonsenseForADayOfTheWeekIsSaidAndKept() throws Exception {
    for (String bad : new String[] {"long", "-2", "9000", "NaN"}) {
      post(keeper, "/today/choices", "minutes", "30", "weekday", bad, "unseen", "")
          .andExpect(flash().attributeExists("weekdayFault"))
          .andExpect(flash().attribute("minutesTyped", "30"));
    }
  }

  @Test
  void whatDevicesSendDoesNotCrowdOutTheKeepersPace() {
    PlantView plant = keepers.plant(keeper, sill, "Coleus scutellarioides");
    for (int i = 0; i < 3; i++) {
      keepers.note(keeper, plant.id(), "felt damp");
      clock.forward(Duration.ofMinutes(1));
    }
    int learned = keepers.as(keeper, () -> rounds.round(today())).takes().learned();
    assertThat(learned).isPositive();
    jdbc.sql(
            "insert into entry (collection_id, plant_id, at, kind, text, superseded, note,"
                + " reading_key) select collection_id, id, ?, 'METERED', 'Probe 5', false,"
                + " '{\"figure\": 5}', 'sent ' || n from plant, generate_series(1, 1200) n"
                + " where id = ?")
        .params(Timestamp.from(Keepers.NOW.plusSeconds(600)), plant.id())
        .update();
    assertThat(keepers.as(keeper, () -> rounds.round(today())).takes().learned())
        .isEqualTo(learned);
  }

  @Test
  void nonsenseForMinutesIsSaidByTheFieldAndKept() throws Exception {
    for (String bad : new String[] {"long", "2", "9000", "NaN"}) {
      post(keeper, "/today/choices", "minutes", bad, "unseen", "")
          .andExpect(flash().attributeExists("minutesFault"))
          .andExpect(flash().attribute("minutesTyped", bad));
    }
    assertThat(keepers.as(keeper, () -> rounds.round(Keepers.TODAY)).times().endless()).isTrue();
  }

  @Test
  void aPotIsNeverWateredUnseenUnlessTheKeeperSetTheOdds() throws Exception {
    PlantView coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    say(coleus, "watered through");
    clock.forward(Duration.ofDays(25));
    assertThat(tasks(0)).containsExactly("feel the pot");
    choose("", "90");
    assertThat(due(0).get(0).task()).isEqualTo("water it");
    assertThat(due(0).get(0).reason()).contains(" ml");
    say(coleus, "felt dry");
    choose("", "100");
    clock.forward(Duration.ofDays(2));
    assertThat(due(0).get(0).task()).isEqualTo("feel the pot");
  }

  @Test
  void whatRestsDryIsNeverToBeWatered() throws Exception {
    PlantView pleione = keepers.plant(keeper, sill, "Pleione formosana");
    say(pleione, "watered through");
    clock.forward(Duration.ofDays(50));
    choose("", "90");
    RoundItem row =
        due(0).stream().filter(item -> item.id().startsWith("water-")).findFirst().orElseThrow();
    assertThat(row.task()).isEqualTo("look whether it shrivels");
    assertThat(row.reason()).contains("no drink").doesNotContain(" ml");
    assertThat(row.more().paper()).isNull();
  }

  @Test
  void whatHasNoPotToFeelIsAskedForItsWater() {
    keepers.plant(keeper, sill, "Tillandsia ionantha");
    assertThat(tasks(0)).containsExactly("soak it");
    assertThat(due(0).get(0).answers())
        .extracting(RoundItem.Answer::label)
        .startsWith("Soaked", "Still wet");
    keepers.plant(keeper, sill, "Aldrovanda vesiculosa");
    keepers.plant(keeper, sill, "Guzmania lingulata");
    assertThat(tasks(0)).contains("soak it", "look at its water", "look into the cup");
  }

  @Test
  void cupsAreFlushedEveryThreeWeeks() throws Exception {
    PlantView cup = keepers.plant(keeper, sill, "Guzmania lingulata");
    assertThat(tasks(0)).contains("tip the cup out, fill it fresh");
    post(keeper, "/today/plants/" + cup.id() + "/water", "answer", "flushed");
    assertThat(tasks(0)).doesNotContain("tip the cup out, fill it fresh");
    assertThat(tasks(21)).contains("tip the cup out, fill it fresh");
  }

  private PlantView standing(Standing.Kind kind, PlaceView place) {
    return in(
        new Pot(PotShape.Kind.ROUND, 12.0, null, PotMaterial.PLASTIC, true, false, kind), place);
  }

  private PlantView in(Pot pot, PlaceView place) {
    PlantForm f = Keepers.form(place, "Coleus scutellarioides", null);
    return keepers.as(
        keeper,
        () ->
            plants.add(
                new PlantForm(
                    f.code(),
                    f.kind(),
                    f.formId(),
                    f.placeId(),
                    pot,
                    f.mediumId(),
                    f.ownMedium(),
                    f.mediumSince(),
                    f.waterUsed(),
                    f.stage(),
                    f.arrivedOn(),
                    f.notes())));
  }

  @Test
  void aClearPotIsLookedThroughAndNotProbed() throws Exception {
    PlantView clear =
        in(
            new Pot(
                PotShape.Kind.ROUND,
                12.0,
                null,
                PotMaterial.CLEAR,
                true,
                false,
                Standing.Kind.NONE),
            sill);
    assertThat(tasks(0)).contains("look through the pot");
    post(keeper, "/today/plants/" + clear.id() + "/water", "answer", "seen-damp");
    assertThat(tasks(0)).doesNotContain("look through the pot");
    get(keeper, "/plants/" + clear.id())
        .andExpect(content().string(containsString("12 cm clear plastic pot")))
        .andExpect(content().string(containsString("Clear pot: damp")));
  }

  @Test
  void aTrayIsLookedAtByItsLevelAndLearned() throws Exception {
    PlantView wet = standing(Standing.Kind.TRAY, sill);
    assertThat(tasks(0)).contains("look at the tray");
    post(keeper, "/today/plants/" + wet.id() + "/water", "answer", "filled");
    assertThat(tasks(0)).doesNotContain("look at the tray");
    post(keeper, "/today/plants/" + wet.id() + "/water", "answer", "empty");
    assertThat(tasks(1)).contains("look at the tray");
    get(keeper, "/plants/" + wet.id())
        .andExpect(content().string(containsString("Fill the tray to")))
        .andExpect(content().string(containsString("on a tray of water")));
  }

  @Test
  void aReservoirIsEmptiedInAColdDarkWinterAndThePotFeltAgain() {
    PlaceView cold =
        keepers.as(
            keeper,
            () ->
                places
                    .save(null, PlaceForm.of("Cold porch", PlaceKind.INDOOR, 12.0, 60.0))
                    .orElseThrow());
    PlantView plant = standing(Standing.Kind.RESERVOIR, cold);
    assertThat(tasks(0)).contains("look at the reservoir");
    clock.forward(Duration.ofDays(14));
    assertThat(tasks(0)).contains("empty the reservoir", "feel the pot");
    say(plant, "flushed: emptied");
    assertThat(tasks(0)).doesNotContain("empty the reservoir");
    clock.forward(Duration.ofDays(95));
    assertThat(tasks(0)).contains("look at the reservoir").doesNotContain("empty the reservoir");
  }
}
