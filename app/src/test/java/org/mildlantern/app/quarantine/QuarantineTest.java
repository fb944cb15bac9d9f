package org.mildlantern.app.quarantine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
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
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class QuarantineTest extends WebCase {
  @Autowired QuarantineService quarantines;
  @Autowired ContactLooks contacts;
  @Autowired CaseService cases;
  @Autowired PlantService plants;
  @Autowired JournalService journal;
  @Autowired DiagnoseService diagnose;
  @Autowired RoundService rounds;

  private SignedIn keeper;
  private PlaceView shelf;
  private PlaceView sill;
  private PlantView sick;
  private PlantView neighbour;

  @BeforeEach
  void twoOnAShelf() {
    keeper = keepers.make();
    shelf = keepers.place(keeper, "Shelf", PlaceKind.INDOOR);
    sill = keepers.place(keeper, "Quarantine sill", PlaceKind.QUARANTINE);
    sick = keepers.plant(keeper, shelf, "Coleus scutellarioides");
    neighbour = keepers.plant(keeper, shelf, "Hoya carnosa");
  }

  private CaseView mites() {
    return keepers.as(keeper, () -> cases.open(sick.id(), "spider-mites")).orElseThrow();
  }

  private QuarantineView clock(PlantView plant) {
    return keepers
        .as(keeper, () -> quarantines.of(plants.find(plant.id()).orElseThrow()))
        .orElseThrow();
  }

  private void apart(PlantView plant, String why, Long place) throws Exception {
    post(
            keeper,
            "/plants/" + plant.id() + "/quarantine",
            "why",
            why,
            "place",
            place == null ? "" : place.toString())
        .andExpect(redirectedUrl("/plants/" + plant.id() + "#quarantine"));
  }

  private List<String> tasks(PlantView plant, LocalDate day) {
    return keepers.as(keeper, () -> rounds.round(day)).stops().stream()
        .flatMap(stop -> stop.items().stream())
        .filter(item -> item.plant().id().equals(plant.id()) && !item.done())
        .map(RoundItem::task)
        .toList();
  }

  @Test
  void settingApartMovesThePlantAndStartsTheClock() throws Exception {
    mites();
    apart(sick, "Spider mites", sill.id());
    QuarantineView clock = clock(sick);
    assertThat(clock.apart().pest()).isEqualTo("Spider mites");
    assertThat(clock.remaining().daysLeft()).isEqualTo(28);
    assertThat(tasks(sick, Keepers.TODAY)).contains("look for spider mites");
    get(keeper, "/plants/" + sick.id())
        .andExpect(content().string(containsString("Quarantine sill")))
        .andExpect(content().string(containsString("28 d")));
    post(keeper, "/plants/" + sick.id() + "/quarantine", "why", "again")
        .andExpect(flash().attribute("quarantineProblem", "It is in quarantine already."));
  }

  @Test
  void eachFindStartsItAgainAndUndoTakesTheFindBack() throws Exception {
    apart(sick, "New here", null);
    String looks = "/plants/" + sick.id() + "/pest-looks";
    post(keeper, looks, "counted", "0", "from", "plant");
    assertThat(clock(sick).clock().reset()).isFalse();
    assertThat(tasks(sick, Keepers.TODAY)).doesNotContain("look it over");
    assertThat(tasks(sick, Keepers.TODAY.plusDays(1))).contains("look it over");
    post(keeper, looks, "counted", "many", "from", "plant")
        .andExpect(
            flash()
                .attribute(
                    "quarantineProblem", "A whole number, please; 0 when you found nothing."));
    post(keeper, looks, "counted", "-3")
        .andExpect(flash().attribute("quarantineProblem", "Between 0 and 100000, please."));
    post(keeper, looks, "counted", "3").andExpect(redirectedUrl("/today"));
    assertThat(clock(sick).looks()).extracting(QuarantineView.Look::counted).containsExactly(3, 0);
    Entry find = keepers.as(keeper, () -> journal.timeline(sick.id(), 1)).get(0);
    assertThat(find.text()).isEqualTo("Looked: 3 found");
    keepers.as(keeper, () -> journal.retract(find.id()));
    assertThat(clock(sick).looks()).hasSize(1);
  }

  @Test
  void leavingEarlyTakesAReason() throws Exception {
    apart(sick, "A gift or a swap", null);
    String leave = "/plants/" + sick.id() + "/quarantine/leave";
    post(keeper, leave, "why", " ")
        .andExpect(flash().attribute("quarantineProblem", "It is early; say why it must be."));
    post(keeper, leave, "why", "x".repeat(201))
        .andExpect(flash().attribute("quarantineProblem", "At most 200 characters."));
    post(keeper, leave, "why", "no room").andExpect(status().is3xxRedirection());
    get(keeper, "/plants/" + sick.id())
        .andExpect(content().string(containsString("Quarantine ended early: no room")))
        .andExpect(content().string(containsString("Set it apart")));
  }

  @Test
  void neighboursAreLookedAtOnTheDaysThatHiddenStagesShow() throws Exception {
    CaseView mites = mites();
    apart(sick, "Spider mites", sill.id());
    List<ContactLooks.Watch> watches =
        keepers.as(keeper, () -> contacts.of(List.of(mites), plants.kept()));
    assertThat(watches).hasSize(1);
    assertThat(watches.get(0).contact().plant().id()).isEqualTo(neighbour.id());
    assertThat(watches.get(0).days())
        .containsExactly(Keepers.TODAY, Keepers.TODAY.plusDays(6), Keepers.TODAY.plusDays(18));
    assertThat(tasks(neighbour, Keepers.TODAY)).contains("look for spider mites");
    post(keeper, "/plants/" + neighbour.id() + "/pest-looks?cause=spider-mites", "counted", "0");
    assertThat(tasks(neighbour, Keepers.TODAY)).doesNotContain("look for spider mites");
    assertThat(tasks(neighbour, Keepers.TODAY.plusDays(6))).contains("look for spider mites");
    get(keeper, "/cases/" + mites.id() + "/treatment")
        .andExpect(content().string(containsString("Hoya carnosa")));
    post(keeper, "/plants/" + neighbour.id() + "/pest-looks?cause=moonbeams", "counted", "0")
        .andExpect(flash().attribute("quarantineProblem", "Nothing of that name is known."));
  }

  @Test
  void aPlantThatMetTheSamePestTwiceIsLookedAtOnce() {
    PlantView other = keepers.plant(keeper, shelf, "Begonia maculata");
    CaseView mites = mites();
    CaseView more = keepers.as(keeper, () -> cases.open(other.id(), "spider-mites")).orElseThrow();
    List<ContactLooks.Watch> watches =
        keepers.as(keeper, () -> contacts.of(List.of(mites, more), plants.kept()));
    assertThat(watches)
        .extracting(watch -> watch.contact().plant().id())
        .containsExactlyInAnyOrder(sick.id(), neighbour.id(), other.id());
  }

  @Test
  void aNeighboursPriorStaysRaisedWhenTheSickPlantHasMoved() throws Exception {
    double before = odds(neighbour);
    mites();
    apart(sick, "Spider mites", sill.id());
    assertThat(odds(neighbour)).isGreaterThan(2 * before);
    PlaceView yard = keepers.place(keeper, "Yard", PlaceKind.OUTDOOR);
    PlantView stranger = keepers.plant(keeper, yard, "Hoya carnosa");
    assertThat(odds(stranger)).isLessThan(2 * before);
  }

  private double odds(PlantView plant) {
    return keepers
        .as(keeper, () -> diagnose.state(plant.id()))
        .orElseThrow()
        .diagnosis()
        .ranking()
        .stream()
        .filter(r -> r.cause().id().equals("spider-mites"))
        .findFirst()
        .orElseThrow()
        .probability();
  }

  @Test
  void nobodyElseCanActOnIt() throws Exception {
    apart(sick, "New here", null);
    SignedIn other = keepers.make();
    String path = "/plants/" + sick.id();
    post(other, path + "/quarantine", "why", "x").andExpect(status().isNotFound());
    post(other, path + "/quarantine/leave", "why", "x").andExpect(status().isNotFound());
    post(other, path + "/pest-looks", "counted", "1").andExpect(status().isNotFound());
    keepers.as(keeper, () -> plants.archive(neighbour.id(), true));
    post(keeper, "/plants/" + neighbour.id() + "/quarantine", "why", "New here")
        .andExpect(
            flash()
                .attribute(
                    "quarantineProblem", "The plant is in the archive; bring it back first."));
    get(keeper, "/plants/" + neighbour.id())
        .andExpect(content().string(not(containsString("Set it apart"))));
  }

  @Test
  void earlierLooksCanBeOpened() throws Exception {
    apart(sick, "New here", null);
    for (int i = 0; i < 8; i++) {
      post(keeper, "/plants/" + sick.id() + "/pest-looks", "counted", "0");
    }
    get(keeper, "/plants/" + sick.id())
        .andExpect(content().string(containsString("2 earlier looks")));
    assertThat(clock(sick).looks()).hasSize(8);
  }
}
