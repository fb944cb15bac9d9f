package org.mildlantern.app.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.mixing.CabinetService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class VisitPageTest extends WebCase {
  @Autowired CourseService courses;
  @Autowired CaseService cases;
  @Autowired PlantService plants;
  @Autowired JournalService journal;
  @Autowired RoundService rounds;
  @Autowired CabinetService cabinet;

  private SignedIn keeper;
  private PlaceView sill;
  private PlantView plant;
  private CaseView theCase;

  @BeforeEach
  void aKeeper() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  /** Opens a case and takes a school's course; gives the first visit. */
  private String visit(String kind, String cause, String school) throws Exception {
    plant = keepers.plant(keeper, sill, kind);
    theCase = keepers.as(keeper, () -> cases.open(plant.id(), cause)).orElseThrow();
    post(keeper, "/cases/" + theCase.id() + "/treatment", "school", school, "size", "SOME")
        .andExpect(status().is3xxRedirection());
    return "/visits/" + course().visits().get(0).id();
  }

  /** The first visit with a means, put on today as if a leaf had been tried long ago. */
  private String visitWith(String means) throws Exception {
    Long id =
        course().visits().stream()
            .filter(visit -> visit.means().contains(means))
            .findFirst()
            .orElseThrow()
            .id();
    post(keeper, "/visits/" + id + "/move", "day", Keepers.TODAY.toString());
    return "/visits/" + id;
  }

  private TreatmentVisit.State state(String visit) {
    return course().visits().stream()
        .filter(one -> visit.equals("/visits/" + one.id()))
        .findFirst()
        .orElseThrow()
        .state();
  }

  private CourseService.Picked course() {
    return keepers.as(keeper, () -> courses.picked(theCase.id())).orElseThrow();
  }

  private List<RoundItem> today(LocalDate day) {
    return keepers.as(keeper, () -> rounds.round(day)).stops().stream()
        .flatMap(stop -> stop.items().stream())
        .toList();
  }

  private void soapBottle() throws Exception {
    soapBottle(keeper, 50, () -> keepers.as(keeper, cabinet::all).get(0).id());
  }

  @Test
  void withoutALabelNoDoseIsCalledSafeAndWithOneItStandsOnPageAndRound() throws Exception {
    visit("Monstera deliciosa", "spider-mites", "soap-and-water");
    String visit = visitWith("soap");
    get(keeper, visit).andExpect(content().string(containsString("no dose is called safe")));
    soapBottle();
    get(keeper, visit)
        .andExpect(content().string(containsString("1.5 ml in 98.5 ml of water")))
        .andExpect(content().string(containsString("Keep it in its own bottle")));
    get(keeper, visit + "?size=LARGE")
        .andExpect(content().string(containsString("12 ml in 788 ml of water")));
    assertThat(today(Keepers.TODAY))
        .anyMatch(i -> i.reason().startsWith("1.5 ml in 98.5 ml of water"));
    post(keeper, visit + "/mix", "means", "soap", "size", "LARGE").andExpect(redirectedUrl(visit));
    assertThat(keepers.as(keeper, cabinet::all).get(0).stock().amountLeft()).isEqualTo(38);
    post(keeper, visit + "/mix", "means", "oil").andExpect(redirectedUrl(visit));
    assertThat(keepers.as(keeper, cabinet::all).get(0).stock().amountLeft()).isEqualTo(38);
  }

  @Test
  void undoAfterRewordingTakesTheVisitBack() throws Exception {
    String visit = visit("Monstera deliciosa", "spider-mites", "soap-and-water");
    post(keeper, visit, "done", "true", "reason", "it must be");
    assertThat(course().visits().get(0).state()).isEqualTo(TreatmentVisit.State.DONE);
    Entry treated = keepers.as(keeper, () -> journal.timeline(plant.id(), 1)).get(0);
    post(keeper, "/entries/" + treated.id() + "/correct", "text", "Treated: soap, both faces")
        .andExpect(redirectedUrl("/plants/" + plant.id()));
    Entry reworded = keepers.as(keeper, () -> journal.timeline(plant.id(), 1)).get(0);
    assertThat(reworded.text()).isEqualTo("Treated: soap, both faces");
    post(keeper, "/entries/" + reworded.id() + "/undo").andExpect(redirectedUrl("/today"));
    assertThat(course().visits().get(0).state()).isEqualTo(TreatmentVisit.State.PLANNED);
  }

  @Test
  void whatTheKeeperSeesOnTheDayCounts() throws Exception {
    visit("Monstera deliciosa", "spider-mites", "soap-and-water");
    String visit = visitWith("soap");
    get(keeper, visit + "?celsius=33&sun=true")
        .andExpect(content().string(containsString("Too warm at 33 °C")))
        .andExpect(content().string(containsString("Sun is on it")));
    get(keeper, visit + "?celsius=warm")
        .andExpect(content().string(containsString("A temperature between")))
        .andExpect(content().string(containsString("value=\"warm\"")));
    post(keeper, visit, "done", "true", "celsius", "20", "sun", "true")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Sun is on it")))
        .andExpect(content().string(containsString("If it must be, say why.")));
    assertThat(state(visit)).isEqualTo(TreatmentVisit.State.PLANNED);
    post(
        keeper,
        "/treatments/schools",
        "pests",
        "synthetic",
        "diseases",
        "contact-fungicide",
        "quarantine",
        "FIXED",
        "pets",
        "yes");
    get(keeper, visit).andExpect(content().string(containsString("Keep pets out")));
  }

  @Test
  void aBlockedVisitAsksForAReasonAndAPatchTestClearsIt() throws Exception {
    visit("Monstera deliciosa", "armoured-scale", "soap-and-water");
    String visit = visitWith("oil");
    assertThat(today(Keepers.TODAY))
        .filteredOn(i -> visit.equals(i.more().href()))
        .hasSize(1)
        .allMatch(i -> i.reason().contains("No patch test yet"))
        .allMatch(i -> i.answers().stream().noneMatch(a -> a.label().equals("Done")))
        .allMatch(i -> i.more().href().equals(visit));
    post(keeper, visit, "done", "true")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("If it must be, say why.")));
    post(keeper, "/plants/" + plant.id() + "/patch-tests", "means", "oil")
        .andExpect(redirectedUrl("/plants/" + plant.id()));
    LocalDate read = Keepers.TODAY.plusDays(7);
    assertThat(today(read)).anyMatch(i -> i.task().equals("read the patch test"));
    Entry begun = keepers.as(keeper, () -> journal.timeline(plant.id(), 1)).get(0);
    keepers.as(keeper, () -> journal.retract(begun.id()));
    assertThat(today(read)).noneMatch(i -> i.task().equals("read the patch test"));
    post(keeper, "/plants/" + plant.id() + "/patch-tests", "means", "oil");
    String test =
        today(read).stream()
            .filter(i -> i.task().equals("read the patch test"))
            .findFirst()
            .orElseThrow()
            .id()
            .replace("patch-", "/patch-tests/");
    post(keeper, test, "clean", "true").andExpect(redirectedUrl("/today"));
    post(keeper, test, "clean", "true").andExpect(status().isNotFound());
    get(keeper, visit).andExpect(content().string(not(containsString("Not yet."))));
    post(keeper, visit, "done", "true").andExpect(redirectedUrl("/today"));
    assertThat(state(visit)).isEqualTo(TreatmentVisit.State.DONE);
  }

  @Test
  void whatHurtsAKindDoesNotComeFirst() throws Exception {
    visit("Coleus scutellarioides", "spider-mites", "soap-and-water");
    assertThat(course().visits().get(0).means()).doesNotContain("soap");
    assertThat(course().visits()).anyMatch(v -> v.means().contains("soap"));
    get(keeper, "/cases/" + theCase.id() + "/treatment")
        .andExpect(
            content()
                .string(
                    containsString(
                        "Horticultural soap: 5 days or more apart, at most 6 times in a course, 12"
                            + " in a year")));
  }

  @Test
  void aReasonOverrulesAndIsKept() throws Exception {
    String visit = visit("Coleus scutellarioides", "spider-mites", "soap-and-water");
    post(keeper, visit, "done", "true", "reason", "used on it for years", "from", "course")
        .andExpect(redirectedUrl("/cases/" + theCase.id() + "/treatment"));
    assertThat(course().visits().get(0).reason()).isEqualTo("used on it for years");
    get(keeper, visit).andExpect(content().string(containsString("used on it for years")));
    post(keeper, visit, "done", "true").andExpect(redirectedUrl("/today"));
  }

  @Test
  void aSystemicsUptakeIsBridged() throws Exception {
    String visit = visit("Monstera deliciosa", "aphids", "synthetic");
    get(keeper, visit)
        .andExpect(content().string(containsString("Works from about Thu 3 Dec")))
        .andExpect(content().string(containsString("contact visits bridge")));
    assertThat(course().visits().get(0).means()).containsExactly("systemic");
    assertThat(course().visits().get(1).means()).containsExactly("soap");
  }

  @Test
  void diseasesHaveCoursesThatSpareThePlant() throws Exception {
    plant = keepers.plant(keeper, sill, "Masdevallia");
    theCase = keepers.as(keeper, () -> cases.open(plant.id(), "fungal-leaf-spot")).orElseThrow();
    get(keeper, "/cases/" + theCase.id() + "/treatment")
        .andExpect(content().string(containsString("Cut, dry, and a contact protectant")))
        .andExpect(content().string(containsString("Left out, since this plant does not bear it")))
        .andExpect(content().string(containsString("From spot to spot")));
  }

  @Test
  void whatHasNoCureSaysSo() throws Exception {
    plant = keepers.plant(keeper, sill, "Masdevallia");
    theCase = keepers.as(keeper, () -> cases.open(plant.id(), "virus")).orElseThrow();
    get(keeper, "/cases/" + theCase.id())
        .andExpect(content().string(containsString("There is no cure")));
  }

  @Test
  void countsAboveTheBandTwiceSayItDoesNotWork() throws Exception {
    visit("Monstera deliciosa", "spider-mites", "soap-and-water");
    String page = "/cases/" + theCase.id() + "/treatment";
    String looks = "/plants/" + plant.id() + "/pest-looks?cause=spider-mites";
    post(keeper, looks, "counted", "x", "from", "course", "kase", theCase.id().toString())
        .andExpect(redirectedUrl(page + "#counts"));
    for (String counted : List.of("10", "90", "120")) {
      post(keeper, looks, "counted", counted, "from", "course", "kase", theCase.id().toString());
    }
    get(keeper, page)
        .andExpect(content().string(containsString("It is not working")))
        .andExpect(content().string(containsString("Next, from another group")));
    post(keeper, "/cases/" + theCase.id() + "/carriers", "carrier", "ANTS", "carrier", "WINDOW");
    get(keeper, page)
        .andExpect(content().string(containsString("bar or bait them first")))
        .andExpect(content().string(containsString("arriers were noted")));
    post(keeper, "/cases/" + theCase.id() + "/carriers");
    get(keeper, page).andExpect(content().string(not(containsString("bar or bait them first"))));
  }

  @Test
  void anArchivedPlantIsNotTreatedNorIsAClosedCase() throws Exception {
    String visit = visit("Monstera deliciosa", "spider-mites", "soap-and-water");
    keepers.as(keeper, () -> plants.archive(plant.id(), true));
    post(keeper, visit, "done", "true").andExpect(redirectedUrl("/today"));
    assertThat(course().visits().get(0).state()).isEqualTo(TreatmentVisit.State.PLANNED);
    keepers.as(keeper, () -> plants.archive(plant.id(), false));
    assertThat(today(Keepers.TODAY)).anyMatch(i -> i.task().equals("treat"));
    keepers.as(
        keeper, () -> cases.close(theCase.id(), org.mildlantern.app.cases.Outcome.HEALED, ""));
    assertThat(today(Keepers.TODAY)).noneMatch(i -> i.task().equals("treat"));
  }

  @Test
  void theOverviewShowsCoursesTrapsAndSchools() throws Exception {
    visit("Monstera deliciosa", "spider-mites", "soap-and-water");
    String traps = "/places/" + sill.id() + "/traps";
    for (int week = 0; week < 4; week++) {
      post(
          keeper,
          traps,
          "day",
          Keepers.TODAY.minusWeeks(3 - week).toString(),
          "traps",
          "1",
          "counted",
          String.valueOf(80 >> week));
    }
    get(keeper, "/treatments")
        .andExpect(content().string(containsString("0 of ")))
        .andExpect(content().string(containsString("falling")))
        .andExpect(content().string(containsString("× 0.50 a week")));
    for (String[] bad :
        new String[][] {
          {"2027-01-01", "1", "3", "A day of the last"},
          {"", "1", "3", "A day, please."},
          {"2026-11-20", "0", "3", "Between 1 and 100 traps"},
          {"2026-11-20", "1", "many", "Whole numbers"},
        }) {
      var answer =
          post(keeper, traps, "day", bad[0], "traps", bad[1], "counted", bad[2])
              .andExpect(redirectedUrl("/treatments?place=" + sill.id() + "#traps-" + sill.id()))
              .andReturn();
      assertThat(answer.getFlashMap().get("trapProblem").toString()).contains(bad[3]);
    }
    post(
            keeper,
            "/treatments/schools",
            "pests",
            "detergent",
            "diseases",
            "contact-fungicide",
            "quarantine",
            "LONGER")
        .andExpect(redirectedUrl("/treatments#schools"));
    get(keeper, "/treatments")
        .andExpect(content().string(containsString("value=\"soap-and-water\" selected")));
    SignedIn other = keepers.make();
    post(other, traps, "day", "2026-11-20", "traps", "1", "counted", "3")
        .andExpect(status().isNotFound());
  }
}
