package org.mildlantern.app.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.mixing.CabinetService;
import org.mildlantern.app.places.PlaceForm;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.Round;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** Several plants with one trouble: one visit list, one jug, one tick. */
@AppTest
class TogetherTest extends WebCase {
  @Autowired CaseService cases;
  @Autowired CourseService courses;
  @Autowired RoundService rounds;
  @Autowired CabinetService cabinet;
  @Autowired PlaceService places;

  private SignedIn keeper;
  private PlaceView sill;
  private List<PlantView> three;
  private CaseView first;

  @BeforeEach
  void threePlantsAndACase() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    three =
        Stream.of("Monstera deliciosa", "Hoya carnosa", "Ficus elastica")
            .map(name -> keepers.plant(keeper, sill, name))
            .toList();
    first = open(three.get(0), "mealybugs");
  }

  private CaseView open(PlantView plant, String cause) {
    return keepers.as(keeper, () -> cases.open(plant.id(), cause)).orElseThrow();
  }

  private String treatment() {
    return "/cases/" + first.id() + "/treatment";
  }

  private ResultActions take(PlantView... with) throws Exception {
    String others = String.join(",", Stream.of(with).map(plant -> plant.id().toString()).toList());
    return post(keeper, treatment(), "school", "soap-and-water", "size", "SOME", "with", others);
  }

  private void takeTogether() throws Exception {
    take(three.get(1), three.get(2))
        .andExpect(status().is3xxRedirection())
        .andExpect(flash().attribute("justAll", containsString("3 courses begun")));
  }

  private List<CourseService.Picked> underWay() {
    return keepers.as(keeper, courses::underWay);
  }

  private List<TreatmentVisit> firstVisits() {
    return underWay().stream().map(course -> course.visits().get(0)).toList();
  }

  private List<Round.Row> rows(LocalDate day) {
    return keepers.as(keeper, () -> rounds.round(day)).stops().stream()
        .flatMap(stop -> stop.rows().stream())
        .filter(row -> row.item().task().startsWith("treat"))
        .toList();
  }

  private ResultActions treatMany(PlantView... those) throws Exception {
    String[] pairs = new String[2 + 2 * those.length];
    pairs[0] = "act";
    pairs[1] = "TREAT";
    for (int i = 0; i < those.length; i++) {
      pairs[2 + 2 * i] = "plant";
      pairs[3 + 2 * i] = those[i].id().toString();
    }
    String to = post(keeper, "/plants/many", pairs).andReturn().getResponse().getRedirectedUrl();
    return get(keeper, to);
  }

  @Test
  void plantsChosenInTheListAreTreatedFromTheCaseThatOneOfThemHas() throws Exception {
    String treat =
        treatMany(three.get(1), three.get(0)).andReturn().getResponse().getRedirectedUrl();
    assertThat(treat).isEqualTo(treatment() + "?with=" + three.get(1).id());
    get(keeper, treat).andExpect(content().string(containsString("1 more treated with it")));
    PlantView far = keepers.plant(keeper, keepers.place(keeper, "Yard", PlaceKind.OUTDOOR), "Hoya");
    get(keeper, treatment() + "?with=" + far.id())
        .andExpect(content().string(containsString("you chose it")));
    treatMany(three.get(1), far)
        .andExpect(content().string(containsString("None of them has an open case")));
    open(three.get(1), "thrips");
    treatMany(three.get(0), three.get(1))
        .andExpect(content().string(containsString("They do not all have the same")))
        .andExpect(content().string(containsString(treatment() + "\"")));
    SignedIn stranger = keepers.make();
    get(stranger, "/treatments/for?plant=" + far.id()).andExpect(status().isNotFound());
    get(keeper, "/treatments/for").andExpect(status().isNotFound());
  }

  @Test
  void eachHasACaseAndACourseWhoseVisitsFallOnTheSameDays() throws Exception {
    takeTogether();
    assertThat(underWay()).hasSize(3);
    List<List<LocalDate>> days =
        underWay().stream()
            .map(course -> course.visits().stream().map(TreatmentVisit::plannedOn).toList())
            .toList();
    assertThat(days).allMatch(days.get(0)::equals);
    assertThat(keepers.as(keeper, cases::open).values())
        .hasSize(3)
        .allMatch(kase -> kase.cause().id().equals("mealybugs"));
    get(keeper, treatment())
        .andExpect(content().string(containsString("Its visits go together with those of")))
        .andExpect(content().string(containsString("Hoya carnosa")));
  }

  @Test
  void theRoundHasOneRowAndOneTickButForThoseLeftOut() throws Exception {
    takeTogether();
    LocalDate day = firstVisits().get(0).plannedOn();
    assertThat(rows(day)).singleElement().satisfies(this::standsForThree);
    Long lead = firstVisits().get(0).id();
    post(
            keeper,
            "/visits/" + lead + "/all",
            "plants",
            ids(three),
            "but",
            three.get(2).id().toString())
        .andExpect(flash().attribute("justAll", "2 plants treated"));
    assertThat(firstVisits())
        .extracting(TreatmentVisit::state)
        .containsExactly(
            TreatmentVisit.State.DONE, TreatmentVisit.State.DONE, TreatmentVisit.State.PLANNED);
    post(
        keeper,
        "/entries/undo",
        "entry",
        firstVisits().get(0).entryId() + "," + firstVisits().get(1).entryId());
    assertThat(firstVisits())
        .extracting(TreatmentVisit::state)
        .containsOnly(TreatmentVisit.State.PLANNED);
  }

  private void standsForThree(Round.Row row) {
    assertThat(row.item().task()).isEqualTo("treat 3 plants");
    assertThat(row.together().plants()).containsExactlyInAnyOrderElementsOf(three);
  }

  private static String ids(List<PlantView> plants) {
    return String.join(",", plants.stream().map(plant -> plant.id().toString()).toList());
  }

  @Test
  void theJugIsForAllOfThemInFillsOfTheKeepersSprayer() throws Exception {
    soapBottle(keeper, 90, () -> keepers.as(keeper, cabinet::all).get(0).id());
    takeTogether();
    TreatmentVisit soap = soapVisit();
    get(keeper, "/visits/" + soap.id())
        .andExpect(content().string(containsString("One jug for 3 plants")))
        .andExpect(content().string(containsString("4.4 ml in 296 ml of water")))
        .andExpect(content().string(not(containsString("fills of it"))));
    post(keeper, "/mixing/vessels", "litres", "0.15");
    get(keeper, "/visits/" + soap.id())
        .andExpect(content().string(containsString("2 fills of it")));
  }

  private TreatmentVisit soapVisit() {
    return underWay().get(0).visits().stream()
        .filter(visit -> visit.means().contains("soap"))
        .findFirst()
        .orElseThrow();
  }

  private void treatWithOneIn(PlaceView place) throws Exception {
    PlantView there = keepers.plant(keeper, place, "Philodendron hederaceum");
    three = List.of(three.get(0), three.get(1), there);
    takeTogether();
  }

  @Test
  void whatWasTreatedAlreadyIsNotMixedForAgain() throws Exception {
    soapBottle(keeper, 90, () -> keepers.as(keeper, cabinet::all).get(0).id());
    takeTogether();
    TreatmentVisit soap = soapVisit();
    post(keeper, "/visits/" + soap.id(), "done", "true", "reason", "now");
    get(keeper, "/visits/" + soap.id())
        .andExpect(content().string(not(containsString("One jug for"))));
    Round.Row row = rows(soap.plannedOn()).get(0);
    assertThat(row.item().task()).isEqualTo("treat 2 plants");
    get(keeper, row.together().party().href())
        .andExpect(content().string(containsString("One jug for 2 plants")))
        .andExpect(content().string(containsString("3 ml in 197 ml of water")));
    post(keeper, row.together().party().action(), "plants", row.together().ids(), "reason", "now")
        .andExpect(flash().attribute("justAll", "2 plants treated"));
    post(keeper, row.together().party().action(), "plants", row.together().ids())
        .andExpect(flash().attribute("said", "None was left to treat"));
  }

  @Test
  void aPlantThatShouldNotBeTreatedYetIsNotMixedForAndStopsTheTick() throws Exception {
    soapBottle(keeper, 90, () -> keepers.as(keeper, cabinet::all).get(0).id());
    PlaceView roof = keepers.place(keeper, "Under the roof", PlaceKind.INDOOR);
    treatWithOneIn(roof);
    PlaceForm hot = PlaceForm.of(roof.name(), PlaceKind.INDOOR, 33.0, 50.0);
    keepers.as(keeper, () -> places.save(roof.id(), hot));
    String visit = "/visits/" + soapVisit().id();
    get(keeper, visit)
        .andExpect(content().string(containsString("One jug for 2 plants; 1 that should not")))
        .andExpect(content().string(containsString("3 ml in 197 ml of water")));
    post(keeper, visit + "/all")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Philodendron hederaceum")));
    post(keeper, visit + "/all", "but", three.get(2).id().toString(), "reason", "x".repeat(251))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("At most 250 characters.")));
    post(keeper, visit + "/all", "but", three.get(2).id().toString())
        .andExpect(flash().attribute("justAll", "2 plants treated"));
  }

  @Test
  void whatStandsOutdoorsIsMixedByTheLabelsRateForOutdoors() throws Exception {
    soapBottle(keeper, 90, () -> keepers.as(keeper, cabinet::all).get(0).id());
    treatWithOneIn(keepers.place(keeper, "Terrace", PlaceKind.OUTDOOR));
    String visit = "/visits/" + soapVisit().id();
    get(keeper, visit).andExpect(content().string(containsString("lists no such use")));
    post(
        keeper,
        "/mixing/" + keepers.as(keeper, cabinet::all).get(0).id() + "/rates",
        "usedFor",
        "outdoors",
        "printed",
        "10 ml/L",
        "as",
        "10 ml/l",
        "crop",
        "OUTDOORS",
        "method",
        "SPRAY");
    get(keeper, visit)
        .andExpect(content().string(containsString("Mix it apart for each")))
        .andExpect(content().string(not(containsString("ml of water"))));
  }

  @Test
  void movingAVisitMovesThoseThatGoWithIt() throws Exception {
    takeTogether();
    LocalDate later = firstVisits().get(0).plannedOn().plusDays(2);
    post(keeper, "/visits/" + firstVisits().get(1).id() + "/move", "day", later.toString());
    assertThat(firstVisits()).extracting(TreatmentVisit::plannedOn).containsOnly(later);
  }

  @Test
  void aPlantWithAnotherTroubleIsNotTakenAlong() throws Exception {
    open(three.get(1), "spider-mites");
    take(three.get(1))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("has another case open")));
    assertThat(underWay()).isEmpty();
    SignedIn stranger = keepers.make();
    PlantView theirs =
        keepers.plant(stranger, keepers.place(stranger, "Sill", PlaceKind.INDOOR), "Vanda");
    take(theirs);
    assertThat(underWay()).hasSize(1);
  }

  @Test
  void whatOneOfThemDoesNotBearIsLeftOutForAll() throws Exception {
    PlantView fern = keepers.plant(keeper, sill, "Adiantum raddianum");
    String alone = get(keeper, treatment()).andReturn().getResponse().getContentAsString();
    String withFern =
        get(keeper, treatment() + "?with=" + fern.id())
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(withFern).contains("1 more treated with it").isNotEqualTo(alone);
    take(fern);
    assertThat(underWay())
        .allSatisfy(
            course ->
                assertThat(course.visits()).noneMatch(visit -> visit.means().contains("oil")));
  }

  @Test
  void neighboursAreLookedOverInOneGo() throws Exception {
    Round.Row row =
        keepers.as(keeper, () -> rounds.round(Keepers.TODAY)).stops().stream()
            .flatMap(stop -> stop.rows().stream())
            .filter(one -> one.together() != null)
            .findFirst()
            .orElseThrow();
    assertThat(row.item().task()).isEqualTo("look over 2 neighbours for mealybugs");
    post(
            keeper,
            row.together().party().action(),
            "plants",
            row.together().ids(),
            "but",
            three.get(1).id().toString())
        .andExpect(flash().attribute("justAll", "2 plants looked over: found on 1"));
    get(keeper, "/plants/" + three.get(1).id())
        .andExpect(content().string(containsString("Looked for mealybugs")));
  }
}
