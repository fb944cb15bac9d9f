package org.mildlantern.app.watering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceForm;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.water.PaceChange;
import org.springframework.beans.factory.annotation.Autowired;

class WateringTest extends WebCase {
  @Autowired WateringService watering;
  @Autowired PotChecks checks;
  @Autowired PlantService plants;
  @Autowired PlantNotes notes;
  @Autowired PlaceService places;
  @Autowired JournalService journal;
  @Autowired TestClock clock;

  private SignedIn keeper;
  private PlaceView sill;
  private PlantView coleus;

  @BeforeEach
  void aPot() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private void say(String line) {
    keepers.note(keeper, coleus.id(), line);
  }

  private WateringView view() {
    return keepers.as(keeper, () -> watering.view(plants.find(coleus.id()).orElseThrow()));
  }

  private LocalDate dueOn() {
    return keepers.as(keeper, () -> checks.of(plants.kept())).get(coleus.id()).dueOn();
  }

  @Test
  void aPotOfWhichNothingIsKnownIsLookedAtToday() throws Exception {
    assertThat(dueOn()).isEqualTo(Keepers.TODAY);
    assertThat(view().look().reason()).isEqualTo("nothing noted yet");
    get(keeper, "/plants/" + coleus.id())
        .andExpect(content().string(containsString("Look at it today")));
  }

  @Test
  void thePageShowsCurveBandDrinkAndHow() throws Exception {
    say("watered until it ran through");
    get(keeper, "/plants/" + coleus.id())
        .andExpect(content().string(containsString("wet enough until")))
        .andExpect(content().string(containsString("class=\"ahead\"")))
        .andExpect(content().string(containsString("eight in ten")))
        .andExpect(content().string(containsString("A full drink is about")))
        .andExpect(content().string(containsString("Probe 6 cm deep")))
        .andExpect(content().string(containsString("van Genuchten 1980")));
    assertThat(view().chart().told()).contains("available water is left");
  }

  @Test
  void theDayFollowsWhatWasFoundAndUndoneComesBack() {
    say("watered until it ran through");
    LocalDate soaked = dueOn();
    clock.forward(Duration.ofDays(1));
    say("probe dry dry dry");
    assertThat(dueOn()).isEqualTo(Keepers.TODAY.plusDays(2)).isBefore(soaked);
    Entry felt = keepers.as(keeper, () -> journal.timeline(coleus.id(), 1)).get(0);
    keepers.as(keeper, () -> journal.retract(felt.id()));
    assertThat(dueOn()).isBetween(soaked.minusDays(1), soaked.plusDays(1));
  }

  @Test
  void hotterDrierAirBringsTheDayForward() {
    say("watered until it ran through");
    LocalDate before = dueOn();
    PlaceForm hot = PlaceForm.of("Sill", PlaceKind.INDOOR, 29.0, 25.0);
    keepers.as(keeper, () -> places.save(sill.id(), hot));
    assertThat(dueOn()).isBefore(before);
  }

  @Test
  void twoRequestsAtOnceKeepOneState() {
    say("watered 120");
    assertThat(dueOn()).isEqualTo(dueOn());
    keepers.as(
        keeper,
        () -> {
          checks.of(plants.kept());
          return checks.of(List.of(coleus));
        });
    assertThat(dueOn()).isAfter(Keepers.TODAY);
  }

  @Test
  void cupsAndUnknownPotsKeepTheIntervalOfTheirKind() throws Exception {
    PlantView cup = keepers.plant(keeper, sill, "Guzmania lingulata");
    keepers.note(keeper, cup.id(), "watered");
    WateringView view = keepers.as(keeper, () -> watering.view(cup));
    assertThat(view.outlook()).isNull();
    assertThat(view.look().working().source()).isEqualTo("rule of thumb");
    assertThat(view.look().lookOn()).isAfter(Keepers.TODAY);
    get(keeper, "/plants/" + cup.id())
        .andExpect(content().string(containsString("on the day that the round says")))
        .andExpect(content().string(not(containsString("class=\"ahead\""))));
  }

  @Test
  void weightsLiftsAndMetersAreWrittenInWordsAndOutOfScaleIsSaidByTheLine() throws Exception {
    String entries = "/plants/" + coleus.id() + "/entries";
    for (String line :
        List.of("weighed 700 just drained", "weighed 560", "lifted light", "meter 3")) {
      post(keeper, entries, "line", line).andExpect(redirectedUrl("/plants/" + coleus.id()));
    }
    assertThat(view().outlook().story().drainedGrams()).isEqualTo(700);
    assertThat(keepers.as(keeper, () -> journal.timeline(coleus.id(), 9)))
        .filteredOn(e -> e.kind().ofPot())
        .hasSize(4);
    post(keeper, entries, "line", "meter 40")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("out of scale")))
        .andExpect(content().string(containsString("value=\"meter 40\"")));
  }

  @Test
  void whatWasLearnedFollowsACorrection() {
    Entry weighed = keepers.note(keeper, coleus.id(), "weighed 700 just drained");
    keepers.as(keeper, () -> notes.correct(weighed.id(), "weighed 800 just drained", null));
    assertThat(view().outlook().story().drainedGrams()).isEqualTo(800);
    keepers.as(keeper, () -> journal.retract(weighed.id()));
    assertThat(view().outlook().story().drainedGrams()).isNull();
  }

  @Test
  void aDeeperPotIsAskedForWithinItsSizes() throws Exception {
    post(
            keeper,
            "/plants/" + coleus.id() + "/edit",
            "kind",
            "Coleus scutellarioides",
            "placeId",
            sill.id().toString(),
            "pot.shape",
            "ROUND",
            "pot.cm",
            "12",
            "pot.depthCm",
            "0",
            "stage",
            "GROWTH")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Between 1 and 200 cm.")));
  }

  /** Two months at one pace, then one at twice that. */
  private void dryingFaster() {
    int day = 0;
    for (int interval : new int[] {12, 12, 12, 12, 12, 4, 4, 4, 4, 4, 4, 4, 4}) {
      say("watered, ran through");
      clock.forward(Duration.ofDays(interval - 1));
      say("probe dry dry dry");
      clock.forward(Duration.ofDays(1));
      day += interval;
    }
    assertThat(day).isLessThan(PotModel.STORY_DAYS);
  }

  @Test
  void aFasterPaceIsSaidWithItsOddsAndSpeaksInADiagnosis() throws Exception {
    dryingFaster();
    assertThat(view().paceChange().surelyFaster()).isTrue();
    assertThat(view().changes()).anyMatch(c -> c.contains("times as fast as five weeks ago"));
    get(keeper, "/plants/" + coleus.id())
        .andExpect(content().string(containsString("roots that fill the pot")))
        .andExpect(content().string(containsString("Slide it out")));
    get(keeper, "/plants/" + coleus.id() + "/diagnose")
        .andExpect(content().string(containsString("ries clearly faster than five weeks ago")));
  }

  private PaceChange pace() {
    return keepers.as(keeper, () -> watering.paces(plants.kept())).get(coleus.id());
  }

  @Test
  void aPaceIsKeptUntilItsOwnPotIsNotedOnAndIsThatOfThePage() {
    PlantView other = keepers.plant(keeper, sill, "Coleus scutellarioides");
    assertThat(pace()).isNull();
    dryingFaster();
    PaceChange known = pace();
    assertThat(known.ratio()).isCloseTo(view().paceChange().ratio(), within(0.02));
    keepers.note(keeper, other.id(), "watered 300");
    assertThat(pace()).isSameAs(known);
    say("probe damp damp damp");
    assertThat(pace().ratio()).isLessThan(known.ratio());
  }

  @Test
  void waterThatRanPastAndTheModelsDrynessSpeakInADiagnosis() throws Exception {
    say("watered through");
    clock.forward(Duration.ofDays(20));
    say("probe dry dry dry");
    clock.forward(Duration.ofDays(1));
    say("watered, ran straight through");
    clock.forward(Duration.ofDays(8));
    get(keeper, "/plants/" + coleus.id() + "/diagnose")
        .andExpect(content().string(containsString("ater was seen to run straight through")))
        .andExpect(content().string(containsString("edium dry for five days or more")))
        .andExpect(content().string(containsString("worked out from 3 entries")));
  }

  @Test
  void aMoveToHotterAirAndANewPotAreSaid() {
    say("watered through");
    clock.forward(Duration.ofDays(3));
    PlaceView hot =
        keepers.as(
            keeper,
            () ->
                places
                    .save(null, PlaceForm.of("Hot sill", PlaceKind.INDOOR, 29.0, 30.0))
                    .orElseThrow());
    keepers.note(keeper, coleus.id(), "moved to " + hot.name());
    say("repotted");
    assertThat(view().changes())
        .anyMatch(c -> c.startsWith("Moved from Sill") && c.contains("warmer, 29 °C after 20 °C"))
        .anyMatch(c -> c.startsWith("In a new pot since"));
  }
}
