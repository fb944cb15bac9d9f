package org.mildlantern.app.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.diagnose.OpenCases;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class ExperiencePageTest extends WebCase {
  @Autowired CaseService cases;
  @Autowired OpenCases answer;

  private SignedIn keeper;
  private PlantView plant;

  @BeforeEach
  void aPlant() {
    keeper = keepers.make();
    plant =
        keepers.plant(
            keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Coleus scutellarioides");
  }

  private void closed(String cause, Outcome outcome) {
    CaseView opened = keepers.as(keeper, () -> cases.open(plant.id(), cause)).orElseThrow();
    keepers.as(keeper, () -> cases.close(opened.id(), outcome, ""));
  }

  private double factor(String cause) {
    return keepers.as(keeper, answer::experience).factor(cause);
  }

  @Test
  void onlyConfirmedCasesTeach() throws Exception {
    closed("mealybugs", Outcome.HEALED);
    closed("too-wet", Outcome.NOT_IT);
    assertThat(factor("mealybugs")).isGreaterThan(1.3);
    assertThat(factor("too-wet")).isLessThan(1);
    get(keeper, "/cases/experience")
        .andExpect(content().string(containsString("1 confirmed cases")))
        .andExpect(content().string(containsString("Mealybugs")));
  }

  @Test
  void itCanBeSwitchedOffAndOn() throws Exception {
    closed("mealybugs", Outcome.HEALED);
    post(keeper, "/cases/experience", "learns", "false").andExpect(status().is3xxRedirection());
    assertThat(factor("mealybugs")).isEqualTo(1);
    get(keeper, "/cases/experience")
        .andExpect(content().string(containsString("It does not count now.")));
    post(keeper, "/cases/experience", "learns", "true");
    assertThat(factor("mealybugs")).isGreaterThan(1.3);
  }

  @Test
  void whatAnotherCollectionLearnedStaysThere() {
    closed("mealybugs", Outcome.HEALED);
    SignedIn other = keepers.make();
    assertThat(keepers.as(other, answer::experience).factor("mealybugs")).isEqualTo(1);
  }

  @Test
  void whatCanBeSavedFollowsWhatIsLeft() throws Exception {
    CaseView opened = keepers.as(keeper, () -> cases.open(plant.id(), "root-rot")).orElseThrow();
    String path = "/cases/" + opened.id() + "/saved";
    get(keeper, path)
        .andExpect(content().string(containsString("Cut, trim or leave")))
        .andExpect(content().string(containsString("Never on the compost")));
    get(keeper, path + "?crown=no&leaves=0&base=no&roots=NONE")
        .andExpect(content().string(containsString("it is most likely lost")))
        .andExpect(content().string(containsString("Losing plants happens")));
    get(keeper, path + "?crown=yes&leaves=6&base=yes&roots=MOST")
        .andExpect(content().string(containsString("it will very likely live")));
    get(keeper, path + "?leaves=many")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("“many” is none")));
    get(keeper, path + "?roots=XXL").andExpect(status().isOk());
  }
}
