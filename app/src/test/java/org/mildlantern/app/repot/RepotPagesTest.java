package org.mildlantern.app.repot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.repot.RepotDecision.Answer;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.springframework.beans.factory.annotation.Autowired;

class RepotPagesTest extends WebCase {
  private static final LocalDate OLD = LocalDate.of(2024, 1, 10);

  @Autowired TestClock clock;
  @Autowired PlantService plants;
  @Autowired RepotService repotting;
  @Autowired DiagnoseService diagnose;

  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aSillInApril() {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-04-10T10:00:00Z")));
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private PlantView plant(String kind, String medium, LocalDate since, Stage stage) {
    PlantForm bare = Keepers.bare(sill, kind);
    return keepers.as(
        keeper,
        () ->
            plants.add(
                new PlantForm(
                    "",
                    kind,
                    bare.formId(),
                    sill.id(),
                    Keepers.pot(14),
                    medium,
                    null,
                    since,
                    null,
                    stage,
                    null,
                    "")));
  }

  private Answer answer(PlantView plant) {
    return keepers.as(keeper, () -> repotting.all().get(plant.id()).decision().answer());
  }

  @Test
  void aSpentMediumIsRenewedNowAndAFreshOneIsNot() throws Exception {
    PlantView spent = plant("Goeppertia orbifolia", "house-compost", OLD, Stage.GROWTH);
    PlantView fresh =
        plant("Goeppertia orbifolia", "house-compost", LocalDate.of(2027, 3, 1), Stage.GROWTH);
    assertThat(answer(spent)).isEqualTo(Answer.NOW);
    assertThat(answer(fresh)).isEqualTo(Answer.NOT_THIS_YEAR);
    get(keeper, "/repotting")
        .andExpect(
            content().string(allOf(containsString("Repot it now"), containsString("of its life"))));
    get(keeper, "/today").andExpect(content().string(containsString("Repot it now")));
    get(keeper, "/plants/" + spent.id())
        .andExpect(content().string(containsString("that fresh medium does it good")));
  }

  @Test
  void nothingIsRepottedInBud() {
    assertThat(answer(plant("Phalaenopsis", "bark-mix", OLD, Stage.BUD))).isEqualTo(Answer.LATER);
  }

  @Test
  void whatALookFoundCountsUntilTheMediumIsRenewed() {
    PlantView plant =
        plant("Goeppertia orbifolia", "house-compost", LocalDate.of(2026, 9, 1), Stage.GROWTH);
    assertThat(answer(plant)).isEqualTo(Answer.NOT_THIS_YEAR);
    keepers.as(keeper, () -> diagnose.mark(plant.id(), "sour-smell@medium", true));
    keepers.as(keeper, () -> diagnose.mark(plant.id(), "medium-crumbled@medium", true));
    assertThat(answer(plant)).isEqualTo(Answer.NOW);
    keepers.note(keeper, plant.id(), "repotted");
    clock.forward(Duration.ofDays(2));
    assertThat(answer(plant)).isEqualTo(Answer.NOT_THIS_YEAR);
  }

  @Test
  void aPlantOfUnknownKindAndMediumIsNotPressed() {
    PlantView gift =
        keepers.as(keeper, () -> plants.add(Keepers.form(sill, "Some gift", "leafy-stem")));
    assertThat(answer(gift)).isEqualTo(Answer.NOT_THIS_YEAR);
  }

  @Test
  void itIsPutOffWithAReasonAndTakenBack() throws Exception {
    PlantView plant = plant("Goeppertia orbifolia", "house-compost", OLD, Stage.GROWTH);
    String page = "/plants/" + plant.id() + "/repotting";
    post(keeper, page + "/put-off", "until", "2027-04-01", "reason", "")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(
                    allOf(containsString("A day to come"), containsString("Why does it wait"))));
    post(keeper, page + "/put-off", "until", "2027-05-20", "reason", "no compost in the house")
        .andExpect(redirectedUrl(page));
    get(keeper, page).andExpect(content().string(containsString("no compost in the house")));
    get(keeper, "/today").andExpect(content().string(not(containsString("Repot it now"))));
    post(keeper, page + "/take-back");
    get(keeper, "/today").andExpect(content().string(containsString("Repot it now")));
  }

  @Test
  void aDayIsPlannedWithItsOrderPotsAndMedia() throws Exception {
    PlantView clean = plant("Goeppertia orbifolia", "house-compost", OLD, Stage.GROWTH);
    PlaceView pen = keepers.place(keeper, "Pen", PlaceKind.QUARANTINE);
    PlantView apart =
        keepers.as(
            keeper,
            () ->
                plants.add(
                    new PlantForm(
                        "",
                        "Aglaonema commutatum",
                        null,
                        pen.id(),
                        Keepers.pot(14),
                        "house-compost",
                        null,
                        OLD,
                        null,
                        null,
                        null,
                        "")));
    String body =
        get(
                keeper,
                "/repotting/weekend?day=2027-04-17&plants=" + apart.id() + "&plants=" + clean.id())
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString();
    String order = body.substring(body.indexOf("In this order"));
    assertThat(order.indexOf("Goeppertia")).isLessThan(order.indexOf("Aglaonema"));
    assertThat(body)
        .contains("peat-free compost")
        .contains("2 × 14 cm round")
        .contains("34 minutes");
    post(keeper, "/repotting/done?page=true", "plants", clean.id().toString())
        .andExpect(redirectedUrl("/repotting"));
    assertThat(answer(clean)).isEqualTo(Answer.NOT_THIS_YEAR);
  }

  @Test
  void aMixIsWorkedOutByLitresWithWhatStandsIn() throws Exception {
    get(keeper, "/repotting/mix?medium=bark-mix&pots=6&width=12&has=pumice&has=bark-coarse")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("coarse bark"),
                        containsString("take pumice for it"),
                        containsString("nothing in the cupboard stands in"))));
    get(keeper, "/repotting/mix?medium=nonsense&pots=0&width=900")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Between 1 and 1,000 pots"),
                        containsString("Between 1 and 200 cm"))));
    get(keeper, "/repotting/mix?medium=nonsense&pots=2&width=9")
        .andExpect(content().string(containsString("Pick a medium from the list")));
  }

  @Test
  void aPotIsAsWideAsTheRootsAsk() throws Exception {
    PlantView plant = plant("Cattleya", "bark-mix", OLD, Stage.GROWTH);
    get(keeper, "/plants/" + plant.id() + "/repotting/size?roots=10&year=2")
        .andExpect(content().string(containsString("16 cm")));
    get(keeper, "/plants/" + plant.id() + "/repotting/size?roots=wide")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("A number, please")));
  }

  @Test
  void aSucculentIsNotWateredWhileItsRootsHeal() throws Exception {
    PlantView echeveria = plant("Echeveria", "grit-mix", OLD, Stage.GROWTH);
    keepers.note(keeper, echeveria.id(), "repotted");
    get(keeper, "/plants/" + echeveria.id())
        .andExpect(content().string(containsString("Broken roots heal dry")));
    get(keeper, "/today")
        .andExpect(content().string(not(containsString("First drink after its repotting"))));
    clock.forward(Duration.ofDays(7));
    get(keeper, "/today").andExpect(content().string(not(containsString("No drink until"))));
  }

  @Test
  void aTreeBearsOneHeavyWorkAYearAndItsWireIsLookedAt() throws Exception {
    PlantView maple = plant("Acer palmatum", "akadama-mix", OLD, Stage.GROWTH);
    keepers.note(keeper, maple.id(), "root pruned a third");
    get(keeper, "/plants/" + maple.id())
        .andExpect(content().string(containsString("one heavy work a year")));
    keepers.note(keeper, maple.id(), "wired");
    clock.forward(Duration.ofDays(40));
    get(keeper, "/today")
        .andExpect(content().string(containsString("Look at its wire before it bites")));
    post(keeper, "/trees/worked?work=UNWIRED", "plants", maple.id().toString())
        .andExpect(redirectedUrl("/today"));
    get(keeper, "/today")
        .andExpect(content().string(not(containsString("Look at its wire before it bites"))));
  }

  @Test
  void aPineIsNotDefoliatedNorIsAStrangersTree() throws Exception {
    PlantView pine = plant("Pinus thunbergii", "akadama-mix", OLD, Stage.GROWTH);
    post(keeper, "/trees/worked?work=DEFOLIATED", "plants", pine.id().toString());
    get(keeper, "/plants/" + pine.id())
        .andExpect(content().string(not(containsString("Defoliated"))));
    SignedIn other = keepers.make();
    post(other, "/trees/worked?work=WIRED", "plants", pine.id().toString())
        .andExpect(status().isNotFound());
    post(other, "/repotting/done", "plants", pine.id().toString());
    assertThat(keepers.as(keeper, () -> plants.find(pine.id())).orElseThrow().mediumSince())
        .isEqualTo(OLD);
  }
}
