package org.mildlantern.app.rot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class RotPageTest extends WebCase {
  @Autowired CaseService cases;
  @Autowired RoundService rounds;
  @Autowired JournalService journal;
  @Autowired TestClock clock;

  private SignedIn keeper;
  private PlantView plant;
  private String path;
  private String answer;

  @BeforeEach
  void aRot() {
    keeper = keepers.make();
    plant = keepers.plant(keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Phalaenopsis");
    Long kase = keepers.as(keeper, () -> cases.open(plant.id(), "crown-rot")).orElseThrow().id();
    path = "/cases/" + kase + "/rot";
    answer = "/today/rots/" + kase;
  }

  @AfterEach
  void clock() {
    clock.reset();
  }

  private List<RoundItem> looks(LocalDate day) {
    return keepers.as(keeper, () -> rounds.round(day)).stops().stream()
        .flatMap(stop -> stop.items().stream())
        .filter(item -> item.task().equals("look at the rot"))
        .toList();
  }

  @Test
  void aRotHasNoCourseThatClearsIt() throws Exception {
    String treatment = path.replace("/rot", "/treatment");
    get(keeper, treatment).andExpect(redirectedUrl(path));
    post(keeper, treatment, "school", "contact-fungicide", "size", "SOME")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("no course of visits")));
    get(keeper, path)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("It does not get well by itself")))
        .andExpect(content().string(containsString("70 to 90 %")))
        .andExpect(content().string(not(containsString("none are left"))));
    get(keeper, path.replace("/rot", ""))
        .andExpect(content().string(containsString("Where to cut, how likely it lives")));
  }

  @Test
  void itIsLookedAtEveryDayAtFirst() throws Exception {
    assertThat(looks(Keepers.TODAY)).isEmpty();
    for (int day = 1; day <= 3; day++) {
      clock.forward(Duration.ofDays(1));
      assertThat(looks(Keepers.TODAY.plusDays(day))).hasSize(1);
      post(keeper, answer, "edge", "STILL").andExpect(redirectedUrl("/today"));
      assertThat(looks(Keepers.TODAY.plusDays(day))).noneMatch(item -> item.answers().size() > 1);
      assertThat(looks(Keepers.TODAY.plusDays(day + 1))).hasSize(1);
    }
    get(keeper, path).andExpect(content().string(containsString("the edge is dry and still")));
  }

  @Test
  void aCutBeginsTheLooksAnewAndIsTakenBack() throws Exception {
    clock.forward(Duration.ofDays(20));
    post(keeper, answer, "edge", "STILL");
    LocalDate today = Keepers.TODAY.plusDays(20);
    assertThat(IntStream.rangeClosed(1, 6).filter(d -> !looks(today.plusDays(d)).isEmpty()))
        .isEmpty();
    post(keeper, answer, "edge", "CUT", "from", "rot").andExpect(redirectedUrl(path));
    assertThat(looks(today.plusDays(1))).hasSize(1);
    Entry cut = keepers.as(keeper, () -> journal.timeline(plant.id(), 1)).get(0);
    assertThat(cut.text()).contains("Cut the rot again");
    keepers.as(keeper, () -> journal.retract(cut.id()));
    assertThat(looks(today.plusDays(1))).isEmpty();
  }

  @Test
  void onlyRotsAndOnlyOnesOwn() throws Exception {
    PlantView other =
        keepers.plant(keeper, keepers.place(keeper, "Bay", PlaceKind.INDOOR), "Hoya carnosa");
    Long mites =
        keepers.as(keeper, () -> cases.open(other.id(), "spider-mites")).orElseThrow().id();
    get(keeper, "/cases/" + mites + "/rot")
        .andExpect(redirectedUrl("/cases/" + mites + "/treatment"));
    post(keeper, "/today/rots/" + mites, "edge", "STILL").andExpect(redirectedUrl("/today"));
    assertThat(keepers.as(keeper, () -> journal.timeline(other.id(), 5)))
        .noneMatch(entry -> entry.text().contains("rot"));
    post(keeper, answer, "edge", "GONE").andExpect(status().isBadRequest());
    get(keepers.make(), path).andExpect(status().isNotFound());
  }
}
