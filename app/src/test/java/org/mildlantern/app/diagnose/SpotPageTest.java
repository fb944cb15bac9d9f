package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.growth.SpotChange;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class SpotPageTest extends WebCase {
  @Autowired SpotService spots;
  @Autowired JournalService journal;
  @Autowired RoundService rounds;

  private SignedIn keeper;
  private PlantView plant;
  private String path;

  @BeforeEach
  void aPlant() {
    keeper = keepers.make();
    plant = keepers.plant(keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Phalaenopsis");
    path = "/plants/" + plant.id() + "/spots";
  }

  private void measure(int ago, String mm) throws Exception {
    String day = Keepers.TODAY.minusDays(ago).toString();
    post(keeper, path, "spot", "third leaf", "mm", mm, "error", "0.5", "day", day)
        .andExpect(status().is3xxRedirection());
  }

  @Test
  void twoMeasuresSayWhetherItSpreads() throws Exception {
    measure(21, "8");
    get(keeper, path).andExpect(content().string(containsString("One measure so far")));
    measure(0, "13");
    get(keeper, path)
        .andExpect(content().string(containsString("Spreading")))
        .andExpect(content().string(containsString("Note as spreading in the look")));
  }

  private List<String> asked() {
    return keepers.as(keeper, () -> rounds.round(Keepers.TODAY)).stops().stream()
        .flatMap(stop -> stop.rows().stream())
        .map(row -> row.item())
        .filter(item -> item.task().equals("measure the spot again"))
        .map(item -> item.reason())
        .toList();
  }

  @Test
  void aSpotIsAskedForAgainUntilItIsKnownToBeStill() throws Exception {
    measure(13, "8");
    assertThat(asked()).isEmpty();
    measure(14, "8");
    assertThat(asked()).isEmpty();
    Entry newest = keepers.as(keeper, () -> journal.timeline(plant.id(), 2)).get(1);
    keepers.as(keeper, () -> journal.retract(newest.id()));
    assertThat(asked()).containsExactly("third leaf · last measured 14 days ago");
    measure(0, "8");
    assertThat(asked()).isEmpty();
  }

  @Test
  void thePlantsPageShowsItsSpots() throws Exception {
    get(keeper, "/plants/" + plant.id()).andExpect(content().string(not(containsString(path))));
    measure(21, "8");
    get(keeper, "/plants/" + plant.id())
        .andExpect(content().string(containsString("8.0 mm on Mon 2 Nov, one measure so far")));
    measure(0, "13");
    get(keeper, "/plants/" + plant.id())
        .andExpect(content().string(containsString("13.0 mm, spreading: 2 measures")));
  }

  @Test
  void undoOfTheEntryTakesTheMeasureBack() throws Exception {
    measure(30, "8");
    measure(0, "8");
    assertThat(keepers.as(keeper, () -> spots.of(plant.id())).get(0).change().verdict())
        .isEqualTo(SpotChange.Verdict.STILL);
    Entry last = keepers.as(keeper, () -> journal.timeline(plant.id(), 1)).get(0);
    keepers.as(keeper, () -> journal.retract(last.id()));
    assertThat(keepers.as(keeper, () -> spots.of(plant.id())).get(0).measures()).hasSize(1);
  }

  @Test
  void badMeasuresStayInTheForm() throws Exception {
    post(keeper, path, "spot", "", "mm", "0", "error", "0", "day", "2999-01-01")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Say which spot it is.")))
        .andExpect(content().string(containsString("Between 0.1 and 2000 mm.")))
        .andExpect(content().string(containsString("This day has not come yet.")));
    post(keeper, path, "spot", "third leaf", "mm", "wide", "error", "0.5")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("such as 8.5")))
        .andExpect(content().string(containsString("third leaf")));
  }
}
