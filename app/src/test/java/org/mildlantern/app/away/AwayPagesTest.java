package org.mildlantern.app.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class AwayPagesTest extends WebCase {
  private static final LocalDate JUNE = LocalDate.of(2027, 6, 10);

  @Autowired TestClock clock;
  @Autowired AwayService away;
  @Autowired PlantService plants;

  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aSillInJune() {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-06-10T10:00:00Z")));
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private AwayView plan(int days, int visits) {
    return keepers.as(
        keeper,
        () ->
            away.plan(
                new AwayForm(JUNE.plusDays(1), JUNE.plusDays(1L + days), 10.0, visits, 20.0, 5.0)));
  }

  private static AwayView.Row row(AwayView plan, PlantView plant) {
    return plan.plants().stream()
        .filter(row -> row.plant().id().equals(plant.id()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aFernIsPreparedAndASucculentIsLeftAlone() {
    PlantView fern = keepers.plant(keeper, sill, "Adiantum raddianum");
    keepers.note(keeper, fern.id(), "watered through");
    PlantView store = keepers.plant(keeper, sill, "Echeveria");
    keepers.note(keeper, store.id(), "watered through");
    AwayView plan = plan(12, 0);
    assertThat(row(plan, fern).alone()).contains("harmed alone");
    assertThat(row(plan, fern).done()).isNotEqualTo("nothing");
    assertThat(plan.plants()).extracting(r -> r.plant().id()).doesNotContain(store.id());
    assertThat(plan.visits()).isEmpty();
  }

  @Test
  void aVisitSavesWhatPreparingDoesNot() {
    for (int i = 0; i < 6; i++) {
      keepers.note(keeper, keepers.plant(keeper, sill, "Acer palmatum").id(), "watered through");
    }
    assertThat(plan(45, 0).head()).contains("stay above the risk");
    AwayView visited = plan(45, 3);
    assertThat(visited.visits()).isNotEmpty();
    assertThat(visited.saves()).contains("save");
    assertThat(visited.visits()).hasSizeGreaterThan(1);
    assertThat(visited.saves().split("Without that on ")).hasSize(visited.visits().size() + 1);
    assertThat(visited.saves()).contains("more stay above your risk");
    assertThat(visited.visits().get(0).places().get(0).drinks()).isNotEmpty();
  }

  @Test
  void aDryRestIsUntouchedAndABogPlantGetsNoTapWater() {
    PlantView trap = keepers.plant(keeper, sill, "Dionaea muscipula");
    PlantView asleep = keepers.plant(keeper, sill, "Cyclamen persicum");
    keepers.note(keeper, asleep.id(), "at rest");
    AwayView plan = plan(20, 3);
    assertThat(plan.plants()).extracting(r -> r.plant().id()).doesNotContain(asleep.id());
    assertThat(plan.before())
        .flatExtracting(AwayView.Day::steps)
        .anyMatch(step -> step.startsWith("Deeper tray"));
    assertThat(plan.visits())
        .flatExtracting(AwayView.Visit::places)
        .flatExtracting(AwayView.AtPlace::drinks)
        .allSatisfy(
            drink -> {
              assertThat(drink.plant().id()).isNotEqualTo(asleep.id());
              if (drink.plant().id().equals(trap.id())) {
                assertThat(drink.not()).contains("never tap water");
              }
            });
  }

  @Test
  void aReservoirIsToldByWhatItsPotLosesInThatTime() {
    for (String kind :
        new String[] {"Adiantum raddianum", "Coleus scutellarioides", "Ficus microcarpa"}) {
      keepers.note(keeper, keepers.plant(keeper, sill, kind).id(), "watered through");
    }
    Pattern told = Pattern.compile("(\\d+) ml a day, (\\d+) ml in all");
    int found = 0;
    for (int days = 8; days <= 48; days += 8) {
      for (AwayView.Day before : plan(days, 0).before()) {
        for (String step : before.steps()) {
          Matcher one = told.matcher(step);
          while (one.find()) {
            int day = Integer.parseInt(one.group(1));
            assertThat(Integer.parseInt(one.group(2)))
                .isBetween((day - 1) * days, (day + 1) * days + 50);
            found++;
          }
        }
      }
    }
    assertThat(found).isPositive();
  }

  @Test
  void anUnknownPlantIsPlannedByItsForm() {
    PlantView gift =
        keepers.as(keeper, () -> plants.add(Keepers.form(sill, "Some gift", "leafy-stem")));
    assertThat(gift.kind().taxon()).isEmpty();
    assertThat(plan(20, 0).head()).contains("Of one plant");
  }

  @Test
  void thePagesAskForDaysThatCanBe() throws Exception {
    keepers.plant(keeper, sill, "Adiantum raddianum");
    get(keeper, "/away").andExpect(content().string(containsString("Away from")));
    String rest = "&risk=10&visits=1&minutes=30&coin=5";
    get(keeper, "/away/plan?from=2027-06-12&until=2027-06-24" + rest)
        .andExpect(
            content().string(allOf(containsString("Plant by plant"), containsString("Adiantum"))));
    get(keeper, "/away/plan?from=2027-06-01&until=2027-06-01" + rest)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("From today, at most"),
                        containsString("days after you leave"))));
    get(keeper, "/away/plan?from=2020-01-01&until=2020-01-05&risk=10&visits=many&minutes=5&coin=5")
        .andExpect(status().isUnprocessableEntity());
    post(
            keeper,
            "/away/trips",
            "from",
            "2020-01-01",
            "until",
            "2020-01-05",
            "risk",
            "10",
            "visits",
            "many",
            "minutes",
            "5",
            "coin",
            "5")
        .andExpect(status().isUnprocessableEntity());
    get(keeper, "/away/plan?from=soon&until=&risk=10&visits=1&minutes=x&coin=5")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("A day with its year, please"),
                        containsString("A number, please"))));
    get(keeper, "/away/plan?from=2027-06-12&until=2027-06-24&risk=900&visits=9&minutes=5&coin=")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Between 1 and 50 %"),
                        containsString("Between 0 and 3"),
                        containsString("Between 0 and 600 minutes"))));
    SignedIn other = keepers.make();
    get(other, "/away/plan?from=2027-06-12&until=2027-06-24" + rest)
        .andExpect(content().string(not(containsString("Adiantum"))));
  }
}
