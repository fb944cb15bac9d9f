package org.mildlantern.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.RequestBuilder;

/** Pages take a handful of statements, however many plants they show. */
@AppTest
class StatementCountTest {
  private static final int HANDFUL = 27;

  @Autowired MockMvc web;
  @Autowired Keepers keepers;
  @Autowired PlantService plants;
  @Autowired EntityManagerFactory factory;

  @Test
  void statementsDoNotGrowWithPlants() throws Exception {
    List<Long> few = counts(3);
    List<Long> many = counts(40);
    assertThat(many).isEqualTo(few);
    assertThat(many).allMatch(n -> n <= HANDFUL);
  }

  @Test
  void statementsDoNotGrowWithBatches() throws Exception {
    assertThat(countsOfBatches(12)).isEqualTo(countsOfBatches(2));
  }

  private List<Long> countsOfBatches(int number) throws Exception {
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    Long last = null;
    for (int i = 0; i < number; i++) {
      last = keepers.plant(keeper, sill, "Coleus scutellarioides").id();
      web.perform(
              post("/raising")
                  .param("parent", last.toString())
                  .param("way", "CUTTING")
                  .param("taken", "4")
                  .with(csrf())
                  .with(user(keeper)))
          .andExpect(status().is3xxRedirection());
    }
    List<Long> counts = new ArrayList<>();
    for (String path : List.of("/raising", "/plants/" + last + "/raising", "/today")) {
      counts.add(statements(get(path).with(user(keeper))));
    }
    return counts;
  }

  private List<Long> counts(int number) throws Exception {
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    PlantView last = null;
    for (int i = 0; i < number; i++) {
      last = keepers.plant(keeper, sill, "Coleus scutellarioides");
      Long id = last.id();
      keepers.note(keeper, id, "watered 100");
    }
    List<Long> counts = new ArrayList<>();
    for (String path :
        List.of(
            "/today",
            "/plants",
            "/diagnose",
            "/cases",
            "/raising",
            "/seasons",
            "/repotting",
            "/away",
            "/plants/" + last.id() + "/raising",
            "/plants/" + last.id(),
            "/plants/" + last.id() + "/diagnose")) {
      counts.add(statements(get(path).with(user(keeper))));
    }
    counts.add(
        statements(
            post("/plants/" + last.id() + "/diagnose/mark")
                .header("HX-Request", "true")
                .param("node", "limp-leaves@all-leaves")
                .param("state", "present")
                .with(csrf())
                .with(user(keeper))));
    return counts;
  }

  private long statements(RequestBuilder request) throws Exception {
    Statistics statistics = factory.unwrap(SessionFactory.class).getStatistics();
    long before = statistics.getPrepareStatementCount();
    assertThat(web.perform(request).andReturn().getResponse().getStatus()).isEqualTo(200);
    return statistics.getPrepareStatementCount() - before;
  }
}
