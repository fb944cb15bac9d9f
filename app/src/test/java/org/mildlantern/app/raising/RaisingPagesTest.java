package org.mildlantern.app.raising;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
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
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.raising.Counts;
import org.mildlantern.core.raising.RaisingWay;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.springframework.beans.factory.annotation.Autowired;

class RaisingPagesTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired PlantService plants;
  @Autowired RaisingService raised;
  @Autowired Takes takes;

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

  private Long newest() {
    return keepers.as(keeper, () -> raised.all().get(0).row().id());
  }

  private Long begin(PlantView parent, RaisingWay way, int taken) throws Exception {
    post(
        keeper,
        "/raising",
        "parent",
        parent.id().toString(),
        "way",
        way.name(),
        "taken",
        String.valueOf(taken));
    return newest();
  }

  private void count(Long batch, String step, int number) throws Exception {
    post(keeper, "/raising/" + batch + "/counts", "step", step, "number", String.valueOf(number));
  }

  @Test
  void aBatchIsCountedAndBecomesPlantsThatKnowTheirParent() throws Exception {
    PlantView mother = keepers.plant(keeper, sill, "Neoregelia cruenta");
    Long batch = begin(mother, RaisingWay.OFFSET, 3);
    get(keeper, "/raising/" + batch)
        .andExpect(
            content()
                .string(allOf(containsString("3 taken"), containsString("Look for roots from"))));
    count(batch, "ROOTED", 2);
    count(batch, "LOST", 1);
    post(
        keeper,
        "/raising/" + batch + "/plants",
        "number",
        "2",
        "place",
        sill.id().toString(),
        "pot",
        "8");
    List<PlantView> kept = keepers.as(keeper, () -> plants.kept());
    List<PlantView> young = kept.stream().filter(p -> !p.id().equals(mother.id())).toList();
    assertThat(young).hasSize(2);
    assertThat(young)
        .allSatisfy(
            plant -> {
              assertThat(plant.kind().name()).isEqualTo(mother.kind().name());
              assertThat(plant.pot().cm()).isEqualTo(8);
              assertThat(plant.notes()).contains("From batch B1").contains(mother.code());
            });
    get(keeper, "/plants/" + young.get(0).id())
        .andExpect(content().string(containsString("Raised of")));
    get(keeper, "/plants/" + mother.id())
        .andExpect(content().string(containsString(young.get(1).code())));
    assertThat(keepers.as(keeper, () -> raised.find(batch)).orElseThrow().counts().potted())
        .isEqualTo(2);
    post(keeper, "/raising/" + batch + "/plants", "number", "1", "place", sill.id().toString())
        .andExpect(content().string(containsString("0 have rooted and are not plants yet")));
  }

  @Test
  void whatCannotBeIsSaidBesideItsField() throws Exception {
    PlantForm bare = Keepers.bare(sill, "Hoya carnosa");
    PlantView hoya =
        keepers.as(
            keeper,
            () ->
                plants.add(
                    new PlantForm(
                        "",
                        bare.kind(),
                        bare.formId(),
                        sill.id(),
                        bare.pot(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        LocalDate.of(2026, 10, 1),
                        "")));
    String[] early = {
      "parent", hoya.id().toString(), "way", "CUTTING", "taken", "3", "day", "2026-09-01"
    };
    post(keeper, "/raising", early)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("nothing was taken before that")));
    post(keeper, "/raising", "kind", "", "way", "", "taken", "-3")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("How are they raised?"),
                        containsString("Between 1 and 100,000"))));
    post(keeper, "/raising", "kind", "", "way", "SEED", "taken", "3")
        .andExpect(content().string(containsString("Which kind is it?")));
    post(keeper, "/raising", "kind", "Fagus", "way", "CUTTING", "taken", "3")
        .andExpect(content().string(containsString("hardly ever roots from cuttings")));
    post(keeper, "/raising", "seed", "Laelia anceps", "way", "FLASK", "taken", "3")
        .andExpect(content().string(containsString("A cross has two parents")));
    Long batch = begin(hoya, RaisingWay.CUTTING, 4);
    post(keeper, "/raising/" + batch + "/counts", "step", "ROOTED", "number", "5")
        .andExpect(content().string(containsString("5 rooted of 4 taken")));
    post(keeper, "/raising/" + batch + "/counts", "step", "LOST", "number", "-1")
        .andExpect(content().string(containsString("Between 1 and 100,000")));
    post(
            keeper,
            "/raising/" + batch + "/counts",
            "step",
            "LOST",
            "number",
            "1",
            "day",
            "2026-01-01")
        .andExpect(content().string(containsString("This batch was begun on")));
  }

  @Test
  void anUnknownKindIsCountedAllTheSame() throws Exception {
    post(keeper, "/raising", "kind", "Some gift", "way", "CUTTING", "taken", "3");
    get(keeper, "/raising/" + newest())
        .andExpect(
            content()
                .string(
                    allOf(containsString("Some gift"), not(containsString("by what is known")))));
  }

  @Test
  void ownBatchesSetTheTakeRight() throws Exception {
    PlantView mother = keepers.plant(keeper, sill, "Hoya carnosa");
    String page = "/plants/" + mother.id() + "/raising";
    get(keeper, page).andExpect(content().string(not(containsString("by your"))));
    Long batch = begin(mother, RaisingWay.CUTTING, 20);
    count(batch, "LOST", 18);
    count(batch, "ROOTED", 2);
    post(keeper, "/raising/" + batch + "/close", "closed", "true");
    get(keeper, page).andExpect(content().string(containsString("by your one batch too")));
    WayView cutting =
        keepers.as(keeper, () -> takes.ways(mother.kind())).stream()
            .filter(way -> way.way() == RaisingWay.CUTTING)
            .findFirst()
            .orElseThrow();
    assertThat(Integer.parseInt(cutting.take().split(" ")[0])).isLessThan(60);
  }

  @Test
  void seedlingsOfACrossBearItsNameAndAreSeedlings() throws Exception {
    post(
        keeper,
        "/raising",
        "seed",
        "Laelia anceps",
        "pollen",
        "Cattleya walkeriana",
        "way",
        "FLASK",
        "taken",
        "10");
    Long batch = newest();
    count(batch, "ROOTED", 4);
    get(keeper, "/raising/" + batch)
        .andExpect(content().string(containsString("Laelia anceps × Cattleya walkeriana")));
    get(keeper, "/raising/" + batch + "/labels?number=3")
        .andExpect(content().string(allOf(containsString("B1-3"), not(containsString("B1-4")))));
    post(keeper, "/raising/" + batch + "/plants", "number", "1", "place", sill.id().toString())
        .andExpect(status().is3xxRedirection());
    PlantView young = keepers.as(keeper, () -> plants.kept()).get(0);
    assertThat(young.kind().taxon()).isEmpty();
    assertThat(young.form().id()).isEqualTo("pseudobulb-orchid");
    assertThat(young.noted()).contains(Stage.SEEDLING);
  }

  @Test
  void aBatchIsLookedAtWhenItsRootsAreDue() throws Exception {
    PlantView mother = keepers.plant(keeper, sill, "Tradescantia zebrina");
    begin(mother, RaisingWay.CUTTING, 5);
    get(keeper, "/today").andExpect(content().string(not(containsString("Look at batch"))));
    clock.forward(Duration.ofDays(8));
    get(keeper, "/today").andExpect(content().string(containsString("Look at batch B1")));
    count(newest(), "ROOTED", 5);
    get(keeper, "/today").andExpect(content().string(not(containsString("Look at batch"))));
  }

  @Test
  void aCountIsTakenBackButNotTheFirst() throws Exception {
    PlantView mother = keepers.plant(keeper, sill, "Hoya carnosa");
    Long batch = begin(mother, RaisingWay.CUTTING, 5);
    count(batch, "LOST", 2);
    post(keeper, "/raising/" + batch + "/take-back");
    post(keeper, "/raising/" + batch + "/take-back");
    assertThat(keepers.as(keeper, () -> raised.find(batch)).orElseThrow().counts())
        .isEqualTo(new Counts(5, 0, 0, 0));
  }

  @Test
  void aPupIsReadyByWhatWasMeasured() throws Exception {
    PlantView mother = keepers.plant(keeper, sill, "Vriesea ospinae");
    keepers.note(keeper, mother.id(), "new leaf 24 cm");
    keepers.note(keeper, mother.id(), "new pup 15 cm");
    get(keeper, "/plants/" + mother.id())
        .andExpect(content().string(containsString("63 % of its mother")));
    get(keeper, "/plants/" + mother.id() + "/raising/ready?growths=7&leads=2&mm=10")
        .andExpect(content().string(containsString("Makes 2 pieces")));
    get(keeper, "/plants/" + mother.id() + "/raising/ready?offset=big")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("A number, please")));
  }
}
