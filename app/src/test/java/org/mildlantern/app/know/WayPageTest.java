package org.mildlantern.app.know;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Way;
import org.springframework.beans.factory.annotation.Autowired;

class WayPageTest extends WebCase {
  @Autowired private Knowledge knowledge;

  @Test
  void everyWayHasItsPage() throws Exception {
    SignedIn keeper = keepers.make();
    for (Way way : knowledge.ways().all()) {
      get(keeper, "/know/ways/" + way.id())
          .andExpect(status().isOk())
          .andExpect(content().string(containsString(way.label())));
    }
    get(keeper, "/know/ways")
        .andExpect(content().string(containsString("stands in rain water all the year")));
    get(keeper, "/know/ways/nowhere").andExpect(status().isNotFound());
  }

  @Test
  void aWayAndACauseSayWhatDiffersAndWhatCannotBe() throws Exception {
    SignedIn keeper = keepers.make();
    get(keeper, "/know/ways/cold-bog")
        .andExpect(content().string(containsString("Stand it in rain water to half the pot")))
        .andExpect(content().string(containsString("cannot occur here")))
        .andExpect(content().string(containsString("Dionaea muscipula")))
        .andExpect(content().string(containsString("It stands in water as it wishes.")));
    get(keeper, "/know/causes/too-wet")
        .andExpect(content().string(containsString("By way of life")))
        .andExpect(content().string(containsString("Unpot it and let the ball dry")));
  }

  @Test
  void aKindSaysHowItLivesRestsAndHarms() throws Exception {
    SignedIn keeper = keepers.make();
    get(keeper, "/know/taxa/dionaea")
        .andExpect(content().string(containsString("It stands in rain water while it grows")))
        .andExpect(content().string(containsString("November to February")))
        .andExpect(content().string(containsString("not known to be poisonous, and not tested")))
        .andExpect(content().string(not(containsString("ring a vet"))));
    get(keeper, "/know/taxa/nerium")
        .andExpect(content().string(containsString("deadly")))
        .andExpect(content().string(containsString("ring a vet or a poison line now")));
  }
}
