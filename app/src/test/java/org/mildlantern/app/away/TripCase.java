package org.mildlantern.app.away;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.anonymous;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Trees in June, and an absence that is planned for them. */
abstract class TripCase extends WebCase {
  @Autowired protected TestClock clock;
  @Autowired protected JournalService journal;
  @Autowired protected JdbcClient jdbc;

  protected SignedIn keeper;
  protected PlaceView sill;
  protected PlantView maple;

  @BeforeEach
  void treesInJune() {
    clock.forward(Duration.between(Keepers.NOW, Instant.parse("2027-06-10T10:00:00Z")));
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    maple = keepers.plant(keeper, sill, "Acer palmatum");
    for (int i = 0; i < 5; i++) {
      keepers.note(keeper, keepers.plant(keeper, sill, "Acer palmatum").id(), "watered through");
    }
    keepers.note(keeper, maple.id(), "watered through");
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  protected String plan(String... besides) throws Exception {
    String[] form = {
      "from",
      "2027-06-11",
      "until",
      "2027-07-23",
      "risk",
      "10",
      "visits",
      "3",
      "minutes",
      "20",
      "coin",
      "5",
      "call",
      "Ada 0123",
      "cup",
      "200"
    };
    for (int i = 0; i < besides.length; i += 2) {
      for (int j = 0; j < form.length; j += 2) {
        form[j + 1] = form[j].equals(besides[i]) ? besides[i + 1] : form[j + 1];
      }
    }
    return post(keeper, "/away/trips", form).andReturn().getResponse().getRedirectedUrl();
  }

  /** The path of a link that was just made. */
  protected String link(String trip) throws Exception {
    Object address = post(keeper, trip + "/link").andReturn().getFlashMap().get("link");
    return address.toString().replaceFirst("http://[^/]+", "");
  }

  protected ResultActions visitor(HttpMethod method, String path, String... pairs)
      throws Exception {
    MockHttpServletRequestBuilder call =
        request(method, path)
            .with(anonymous())
            .with(
                sent -> {
                  sent.setRemoteAddr("10.2.0." + keeper.keeperId() % 250);
                  return sent;
                });
    for (int i = 0; i < pairs.length; i += 2) {
      call = call.param(pairs[i], pairs[i + 1]);
    }
    return web.perform(call);
  }

  protected Long task() {
    return jdbc.sql(
            "select t.id from trip_task t where t.collection_id = ? and t.plant_id = ? order by"
                + " t.day limit 1")
        .param(keeper.collectionId())
        .param(maple.id())
        .query(Long.class)
        .single();
  }

  protected String state(Long task) {
    return jdbc.sql("select state from trip_task where id = ?")
        .param(task)
        .query(String.class)
        .single();
  }

  protected List<Entry> log() {
    return keepers.as(keeper, () -> journal.timeline(maple.id(), 20));
  }
}
