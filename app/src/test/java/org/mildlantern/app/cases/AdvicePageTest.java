package org.mildlantern.app.cases;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import org.hamcrest.Matcher;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.round.PlaceKind;

/** What the plan of a case says to those who carry it out. */
class AdvicePageTest extends WebCase {
  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aPlace() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  private void plan(String kind, String cause, Matcher<String> says) throws Exception {
    Long plant = keepers.plant(keeper, sill, kind).id();
    get(keeper, "/plants/" + plant + "/cases/new?cause=" + cause).andExpect(content().string(says));
  }

  @Test
  void whoCutsAPlantWithBurningSapIsToldOfIt() throws Exception {
    plan("Euphorbia trigona", "root-rot", containsString("gloves and goggles when cutting"));
    plan("Spathiphyllum", "root-rot", containsString("Gloves</b>"));
    plan("Goeppertia", "root-rot", not(containsString("Gloves</b>")));
    plan("Euphorbia trigona", "too-dry", not(containsString("Gloves</b>")));
  }

  @Test
  void whoHandlesMossAndCompostIsToldOfTheDust() throws Exception {
    plan("Goeppertia", "root-rot", containsString("a mask where they are dry and dusty"));
    plan("Phalaenopsis", "too-dry", not(containsString("a mask where")));
  }

  @Test
  void bitesAndFumesSayWhenToRingForHelp() throws Exception {
    plan(
        "Lilium",
        "pet-bites",
        allOf(containsString("deadly: it can kill"), containsString("ring a vet")));
    plan("Phalaenopsis", "ethylene", containsString("carbon monoxide"));
  }
}
