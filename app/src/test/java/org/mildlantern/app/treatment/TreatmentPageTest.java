package org.mildlantern.app.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
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
import org.mildlantern.app.cases.Outcome;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.today.Round;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class TreatmentPageTest extends WebCase {
  @Autowired CourseService courses;
  @Autowired CaseService cases;
  @Autowired PlantService plants;
  @Autowired JournalService journal;
  @Autowired RoundService rounds;

  private SignedIn keeper;
  private PlantView plant;
  private CaseView mites;
  private String path;

  @BeforeEach
  void aCase() {
    keeper = keepers.make();
    plant =
        keepers.plant(
            keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Monstera deliciosa");
    mites = keepers.as(keeper, () -> cases.open(plant.id(), "spider-mites")).orElseThrow();
    path = "/cases/" + mites.id() + "/treatment";
  }

  private CourseService.Picked pick() throws Exception {
    post(keeper, path, "school", "soap-and-water", "size", "SOME").andExpect(redirectedUrl(path));
    return picked();
  }

  private CourseService.Picked picked() {
    return keepers.as(keeper, () -> courses.picked(mites.id())).orElseThrow();
  }

  private List<RoundItem> tasks(LocalDate day) {
    return keepers.as(keeper, () -> rounds.round(day)).stops().stream()
        .flatMap(stop -> stop.items().stream())
        .filter(item -> item.task().equals("treat"))
        .toList();
  }

  @Test
  void theSchoolsStandBesideEachOtherWithTheirChance() throws Exception {
    get(keeper, "/cases/" + mites.id()).andExpect(content().string(containsString(path)));
    get(keeper, path)
        .andExpect(content().string(containsString("Soap and water first")))
        .andExpect(content().string(containsString("Biological first")))
        .andExpect(content().string(containsString("check what is registered")))
        .andExpect(content().string(containsString("<b>18 days</b> here")))
        .andExpect(
            content()
                .string(matchesPattern("(?s).*nothing done (about \\d\\d?0*|over a million),.*")))
        .andExpect(content().string(containsString("If it does not clear, between")));
    get(keeper, path + "?size=MANY&school=synthetic").andExpect(status().isOk());
  }

  @Test
  void aPickedCourseIsOnTheRoundOnItsDays() throws Exception {
    CourseService.Picked course = pick();
    LocalDate second = course.visits().get(1).plannedOn();
    assertThat(course.visits().get(0).plannedOn()).isEqualTo(Keepers.TODAY);
    assertThat(tasks(Keepers.TODAY)).hasSize(1);
    assertThat(tasks(Keepers.TODAY).get(0).answers()).hasSize(2);
    assertThat(tasks(second)).hasSize(1).allMatch(item -> item.answers().isEmpty());
    post(keeper, path, "school", "biological", "size", "FEW")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("A course is under way; end it first.")));
  }

  private List<RoundItem> leaves(LocalDate day) {
    return keepers.as(keeper, () -> rounds.round(day)).stops().stream()
        .flatMap(stop -> stop.items().stream())
        .filter(item -> item.task().equals("try one leaf"))
        .toList();
  }

  @Test
  void aSprayWaitsForItsPatchTestWhichIsAVisitOfItsOwn() throws Exception {
    CourseService.Picked course = pick();
    assertThat(course.visits().get(0).means())
        .as("water needs no test, soap does")
        .contains("wash-off")
        .doesNotContain("soap");
    LocalDate soap =
        course.visits().stream()
            .filter(visit -> visit.means().contains("soap"))
            .findFirst()
            .orElseThrow()
            .plannedOn();
    assertThat(soap).isAfterOrEqualTo(Keepers.TODAY.plusDays(2));
    get(keeper, path)
        .andExpect(content().string(containsString("horticultural soap</span> on one")));
    assertThat(leaves(soap.minusDays(2))).hasSize(1);
    post(keeper, "/patch-tests/on/" + plant.id(), "means", "soap")
        .andExpect(redirectedUrl("/today"));
    assertThat(leaves(soap.minusDays(2))).isEmpty();
    get(keeper, path)
        .andExpect(content().string(not(containsString("horticultural soap</span> on one"))));
    post(keeper, "/patch-tests/on/" + plant.id(), "means", "wipe")
        .andExpect(status().isBadRequest());
  }

  @Test
  void aMarkedLeafTakesTheMeansOutOfEveryOffer() throws Exception {
    post(keeper, "/patch-tests/on/" + plant.id(), "means", "soap");
    String test =
        keepers.as(keeper, () -> rounds.round(Keepers.TODAY.plusDays(2))).stops().stream()
            .flatMap(stop -> stop.items().stream())
            .filter(item -> item.task().equals("read the patch test"))
            .findFirst()
            .orElseThrow()
            .id()
            .replace("patch-", "/patch-tests/");
    post(keeper, test, "clean", "false");
    assertThat(pick().visits()).allMatch(visit -> !visit.means().contains("soap"));
  }

  @Test
  void aLabelThatIsStricterSpacesTheVisits() throws Exception {
    post(
        keeper,
        "/mixing/new",
        "name",
        "Soap",
        "means",
        "soap",
        "amountLeft",
        "50",
        "unit",
        "ml",
        "labelDays",
        "13",
        "labelMost",
        "2");
    List<LocalDate> soaped =
        pick().visits().stream()
            .filter(visit -> visit.means().contains("soap"))
            .map(TreatmentVisit::plannedOn)
            .toList();
    assertThat(soaped).hasSizeBetween(1, 2);
    for (int i = 1; i < soaped.size(); i++) {
      assertThat(soaped.get(i)).isAfterOrEqualTo(soaped.get(i - 1).plusDays(13));
    }
    get(keeper, path)
        .andExpect(content().string(containsString("Horticultural soap: 13 days or more apart")));
  }

  @Test
  void aLeafDiseaseGoesByHowWetLeavesAre() throws Exception {
    PlantView other = keepers.plant(keeper, plant.place(), "Anthurium andraeanum");
    CaseView mould = keepers.as(keeper, () -> cases.open(other.id(), "grey-mould")).orElseThrow();
    String page = "/cases/" + mould.id() + "/treatment";
    get(keeper, page)
        .andExpect(content().string(containsString("from above, leaves get wet")))
        .andExpect(content().string(containsString("Leaves stay wet for about")));
    get(keeper, page + "?wets=BELOW")
        .andExpect(content().string(containsString("Leaves stay dry here")));
    get(keeper, page + "?wets=SIDEWAYS").andExpect(status().isBadRequest());
    post(keeper, page, "school", "hygiene-only", "size", "SOME", "wets", "RAIN")
        .andExpect(redirectedUrl(page));
    double takes =
        keepers.as(keeper, () -> courses.picked(mould.id())).orElseThrow().course().takes();
    assertThat(takes).isGreaterThan(1);
    get(keeper, path).andExpect(content().string(not(containsString("How is it watered?"))));
  }

  @Test
  void aVisitIsDoneFromTheRoundAndUndone() throws Exception {
    Long first = pick().visits().get(0).id();
    post(keeper, "/visits/" + first, "done", "true").andExpect(redirectedUrl("/today"));
    assertThat(tasks(Keepers.TODAY)).isEmpty();
    assertThat(picked().visits().get(0).state()).isEqualTo(TreatmentVisit.State.DONE);
    Round today = keepers.as(keeper, () -> rounds.round(Keepers.TODAY));
    assertThat(today.done()).isPositive();
    Entry done = keepers.as(keeper, () -> journal.timeline(plant.id(), 1)).get(0);
    assertThat(done.text()).startsWith("Treated: cut out and bin the worst");
    keepers.as(keeper, () -> journal.retract(done.id()));
    assertThat(picked().visits().get(0).state()).isEqualTo(TreatmentVisit.State.PLANNED);
    post(keeper, "/visits/" + first, "done", "false", "from", "course");
    post(keeper, "/visits/" + first, "done", "true", "from", "course")
        .andExpect(redirectedUrl(path));
    assertThat(picked().visits().get(0).state()).isEqualTo(TreatmentVisit.State.SKIPPED);
  }

  @Test
  void aSkippedVisitLowersTheChance() throws Exception {
    CourseService.Picked before = pick();
    double whole =
        keepers.as(keeper, () -> courses.outlook(before.course()).chance(courses.plan(before)));
    post(keeper, "/visits/" + before.visits().get(2).id(), "done", "false", "from", "course");
    CourseService.Picked after = picked();
    double less =
        keepers.as(keeper, () -> courses.outlook(after.course()).chance(courses.plan(after)));
    assertThat(less).isLessThan(whole);
  }

  @Test
  void aVisitMovesToAnotherDayButNotIntoThePast() throws Exception {
    Long second = pick().visits().get(1).id();
    post(keeper, "/visits/" + second + "/move", "day", "2026-12-20").andExpect(redirectedUrl(path));
    assertThat(tasks(LocalDate.of(2026, 12, 20))).hasSize(1);
    post(keeper, "/visits/" + second + "/move", "day", "2026-11-01")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("before the case’s course began")));
    post(keeper, "/visits/" + second + "/move", "day", "2999-11-01")
        .andExpect(content().string(containsString("At most 120 days ahead.")));
    post(keeper, "/visits/" + second + "/move", "day", "")
        .andExpect(content().string(containsString("A day, please.")));
  }

  @Test
  void undoingTheChoiceTakesTheCourseBackAndAnEndLeavesWhatWasDone() throws Exception {
    pick();
    Entry begun = keepers.as(keeper, () -> journal.timeline(plant.id(), 1)).get(0);
    keepers.as(keeper, () -> journal.retract(begun.id()));
    assertThat(keepers.as(keeper, () -> courses.picked(mites.id()))).isEmpty();
    pick();
    post(keeper, path + "/end").andExpect(redirectedUrl(path));
    assertThat(tasks(Keepers.TODAY)).isEmpty();
    get(keeper, path).andExpect(content().string(containsString("What each school would do")));
  }

  @Test
  void closedCasesArchivedPlantsAndOtherCausesGetNone() throws Exception {
    keepers.as(keeper, () -> plants.archive(plant.id(), true));
    post(keeper, path, "school", "soap-and-water", "size", "FEW")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The plant is in the archive")));
    keepers.as(keeper, () -> cases.close(mites.id(), Outcome.HEALED, ""));
    post(keeper, path, "school", "soap-and-water", "size", "FEW")
        .andExpect(content().string(containsString("The case is closed.")));
    PlantView other = keepers.plant(keeper, plant.place(), "Monstera deliciosa");
    CaseView dry = keepers.as(keeper, () -> cases.open(other.id(), "too-dry")).orElseThrow();
    get(keeper, "/cases/" + dry.id() + "/treatment").andExpect(status().isNotFound());
    get(keeper, "/cases/" + dry.id())
        .andExpect(content().string(not(containsString("To the treatment"))));
    post(keeper, path, "school", "moonlight", "size", "FEW")
        .andExpect(status().isUnprocessableEntity());
  }

  @Test
  void nobodyElseTouchesIt() throws Exception {
    Long visit = pick().visits().get(0).id();
    SignedIn other = keepers.make();
    get(other, path).andExpect(status().isNotFound());
    post(other, path, "school", "soap-and-water", "size", "FEW").andExpect(status().isNotFound());
    post(other, path + "/end").andExpect(status().isNotFound());
    post(other, "/visits/" + visit, "done", "true").andExpect(status().isNotFound());
    post(other, "/visits/" + visit + "/move", "day", "2026-12-20").andExpect(status().isNotFound());
  }
}
