package org.mildlantern.app.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.DispatcherType;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Answered;
import org.mildlantern.core.journal.Metered;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Answers are taken once, from whatever window, with or without a line. */
class AnswersTest extends WebCase {
  @Autowired RoundService rounds;
  @Autowired JournalService journal;
  @Autowired PlantService plants;
  @Autowired TestClock clock;
  @Autowired JdbcTemplate jdbc;
  @Autowired CaseService cases;

  @Value("${spring.datasource.url}")
  String url;

  @Value("${spring.datasource.username}")
  String user;

  @Value("${spring.datasource.password}")
  String password;

  private static final String REFUSED =
      "ERROR: the disk is full\n  Where: PL/pgSQL function refuse() line 1 at RAISE";

  private SignedIn keeper;
  private PlantView coleus;
  private String water;

  @BeforeEach
  void aPot() {
    keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    water = "/today/plants/" + coleus.id() + "/water";
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  /** The row of the pot as a page shows it now. */
  private Round.Row row() {
    return keepers.as(keeper, () -> rounds.round(today())).stops().stream()
        .flatMap(stop -> stop.rows().stream())
        .filter(row -> row.item().id().equals("water-" + coleus.id()))
        .findFirst()
        .orElseThrow();
  }

  private LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), keeper.zone());
  }

  private MockHttpServletRequestBuilder answer(Round.Row row, String answer) {
    return MockMvcRequestBuilders.post(water)
        .param("key", row.key())
        .param("plant", coleus.id().toString())
        .param("seen", row.seen().toString())
        .param("work", row.item().workId())
        .param("answer", answer)
        .with(user(keeper))
        .with(csrf());
  }

  private ResultActions waited(MockHttpServletRequestBuilder answer) throws Exception {
    return web.perform(answer.header(Answered.WAITED, "1"));
  }

  private List<Entry> log() {
    return keepers.as(keeper, () -> journal.timeline(coleus.id(), 20));
  }

  @Test
  void anAnswerThatIsSentTwiceIsTakenOnce() throws Exception {
    Round.Row row = row();
    web.perform(answer(row, "damp")).andExpect(redirectedUrl("/today"));
    web.perform(answer(row, "damp")).andExpect(redirectedUrl("/today"));
    waited(answer(row, "damp")).andExpect(status().isNoContent());
    assertThat(log()).extracting(Entry::text).containsExactly("Felt damp");
  }

  @Test
  void anAnswerThatIsSentManyTimesAtOnceIsTakenOnce() throws Exception {
    Round.Row row = row();
    ExecutorService windows = Executors.newFixedThreadPool(4);
    try {
      List<Callable<Integer>> sent = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        sent.add(() -> waited(answer(row, "damp")).andReturn().getResponse().getStatus());
      }
      for (Future<Integer> status : windows.invokeAll(sent)) {
        assertThat(status.get()).isIn(204, 409);
      }
    } finally {
      windows.shutdown();
    }
    assertThat(log()).hasSize(1);
  }

  @Test
  void anAnswerThatCouldNotBeStoredLeavesNoKeyAndMayComeAgain() throws Exception {
    Round.Row row = row();
    jdbc.execute(
        """
        create function refuse() returns trigger as
          'begin raise exception ''the disk is full''; end' language plpgsql;
        create constraint trigger refuse after insert on entry deferrable initially deferred
          for each row execute function refuse()
        """);
    try {
      assertThatThrownBy(() -> waited(answer(row, "damp"))).hasRootCauseMessage(REFUSED);
    } finally {
      jdbc.execute("drop trigger refuse on entry; drop function refuse()");
    }
    assertThat(log()).isEmpty();
    waited(answer(row, "damp")).andExpect(status().isNoContent());
    assertThat(log()).hasSize(1);
  }

  @Test
  void thePageThatShowsAFaultTakesNoKey() throws Exception {
    Round.Row row = row();
    web.perform(
        MockMvcRequestBuilders.post("/error")
            .param("key", row.key())
            .with(user(keeper))
            .with(csrf())
            .with(
                request -> {
                  request.setDispatcherType(DispatcherType.ERROR);
                  return request;
                }));
    assertThat(
            jdbc.queryForObject(
                "select count(*) from round_answer where key like ?",
                Integer.class,
                row.key() + "%"))
        .isZero();
  }

  @Test
  void aLineThatIsAskedAboutTakesNoKey() throws Exception {
    keepers.as(keeper, () -> cases.open(coleus.id(), "too-dry"));
    String path = "/plants/" + coleus.id() + "/entries";
    for (String reason : new String[] {"", "it looked hungry"}) {
      int before = log().size();
      htmx(keeper, path, "line", "fed 60 ppm", "key", "asked-1", "reason", reason);
      assertThat(log()).hasSize(before + (reason.isEmpty() ? 0 : 1));
    }
    htmx(keeper, path, "line", "probe sideways", "key", "asked-2");
    assertThat(
            jdbc.queryForList(
                "select left(key, 7) from round_answer where collection_id = ?",
                String.class,
                keeper.collectionId()))
        .containsExactly("asked-1");
  }

  @Test
  void aSecondSendingWhileTheFirstIsUnderWayIsAskedToComeAgain() throws Exception {
    Round.Row row = row();
    web.perform(answer(row(), "damp"));
    String key =
        jdbc.queryForObject(
            "select key from round_answer where collection_id = ?",
            String.class,
            keeper.collectionId());
    String says = key.substring(key.lastIndexOf('.'));
    try (Connection other = DriverManager.getConnection(url, user, password);
        PreparedStatement lock =
            other.prepareStatement("select pg_advisory_lock(hashtextextended(?, 0))")) {
      lock.setString(1, "answer " + keeper.collectionId() + " " + row.key() + says);
      lock.execute();
      waited(answer(row, "damp").param("force", "1"))
          .andExpect(status().isConflict())
          .andExpect(header().exists("Retry-After"));
      // Closing a connection frees its locks only when the server gets to it.
      other.createStatement().execute("select pg_advisory_unlock_all()");
    }
    waited(answer(row, "damp").param("force", "1")).andExpect(status().isNoContent());
    assertThat(log()).hasSize(2);
  }

  @Test
  void aLineThatIsSentThriceIsWrittenOnceAndAnotherLineOfTheFormToo() throws Exception {
    String path = "/plants/" + coleus.id();
    String page = get(keeper, path).andReturn().getResponse().getContentAsString();
    Matcher form =
        Pattern.compile(
                "action=\"" + path + "/entries\".*?name=\"key\" value=\"([^\"]+)\"", Pattern.DOTALL)
            .matcher(page);
    assertThat(form.find()).isTrue();
    for (int i = 0; i < 3; i++) {
      post(keeper, path + "/entries", "line", "watered 240", "key", form.group(1))
          .andExpect(redirectedUrl(path));
    }
    post(keeper, path + "/entries", "line", "watered 100", "key", form.group(1))
        .andExpect(redirectedUrl(path));
    assertThat(log()).extracting(Entry::text).hasSize(2);
  }

  @Test
  void anAnswerThatWaitedIsNotedWhenItWasGiven() throws Exception {
    Instant given = Keepers.NOW.minus(Duration.ofHours(26));
    waited(answer(row(), "dry").param("at", given.toString())).andExpect(status().isNoContent());
    assertThat(log().get(0).at()).isEqualTo(given);
  }

  @Test
  void aTimeThatCannotBeIsRefusedAndTheAnswerMayComeAgain() throws Exception {
    Round.Row row = row();
    for (Duration off : List.of(Duration.ofDays(2), Duration.ofDays(-30))) {
      waited(answer(row, "dry").param("at", Keepers.NOW.plus(off).toString()))
          .andExpect(status().isUnprocessableEntity())
          .andExpect(jsonPath("$.detail").value(containsString("clock right")));
    }
    waited(answer(row, "dry").param("at", "noon")).andExpect(status().isBadRequest());
    waited(answer(row, "dry").param("seen", "x")).andExpect(status().isNoContent());
    assertThat(log()).hasSize(1);
  }

  @Test
  void whereTwoAnswerBothSidesAreShownAndNothingIsLost() throws Exception {
    Round.Row mine = row();
    Round.Row theirs = row();
    web.perform(answer(theirs, "watered"));
    waited(answer(mine, "dry"))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("Both of you answered")))
        .andExpect(content().string(containsString("Watered")))
        .andExpect(content().string(containsString("<b>dry</b>")))
        .andExpect(content().string(not(containsString("<html"))));
    web.perform(answer(mine, "dry"))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("<html")));
    assertThat(log()).hasSize(1);
    web.perform(answer(mine, "dry").param("force", "1")).andExpect(redirectedUrl("/today"));
    assertThat(log()).extracting(Entry::text).containsExactlyInAnyOrder("Felt dry", "Watered");
  }

  @Test
  void onlyMineTakesTheOtherBack() throws Exception {
    Round.Row mine = row();
    web.perform(answer(row(), "watered"));
    Long other = log().get(0).id();
    web.perform(answer(mine, "dry").param("instead", other.toString()));
    assertThat(log()).extracting(Entry::text).containsExactly("Felt dry");
  }

  @Test
  void anotherKeepersEntryCannotBeTakenBackOrSeen() throws Exception {
    web.perform(answer(row(), "watered"));
    SignedIn stranger = keepers.make();
    PlaceView own = keepers.place(stranger, "Own", PlaceKind.INDOOR);
    PlantView fern = keepers.plant(stranger, own, "Adiantum raddianum");
    String path = "/today/plants/" + fern.id() + "/water";
    String foreign = log().get(0).id().toString();
    post(stranger, path, "key", "k1", "answer", "dry", "instead", foreign)
        .andExpect(redirectedUrl("/today"));
    post(
            stranger,
            path,
            "key",
            "k2",
            "answer",
            "dry",
            "plant",
            coleus.id().toString(),
            "seen",
            "0",
            "work",
            "drop")
        .andExpect(redirectedUrl("/today"));
    assertThat(log()).hasSize(1);
  }

  @Test
  void whatADeviceSentIsNoSecondAnswer() throws Exception {
    Round.Row row = row();
    keepers.as(
        keeper,
        () -> journal.write(new Entry(coleus.id(), Keepers.NOW, new Metered(4)).sentAs("r1")));
    web.perform(answer(row, "dry")).andExpect(redirectedUrl("/today"));
  }

  @Test
  void aWeightIsTypedOnTheRoundAndABadOneIsSaidByItAndKept() throws Exception {
    keepers.note(keeper, coleus.id(), "weighed 900 just drained");
    clock.forward(Duration.ofDays(20));
    Round.Row row = row();
    assertThat(row.item().answers("TYPED")).hasSize(1);
    for (String bad : new String[] {"heavy", "-4", "40", "4000"}) {
      follow(keeper, web.perform(answer(row, "").param("grams", bad).header("HX-Request", "true")))
          .andExpect(status().isOk())
          .andExpect(content().string(containsString("value=\"" + bad + "\"")))
          .andExpect(content().string(containsString("role=\"alert\"")));
    }
    follow(
            keeper,
            web.perform(answer(row, "").param("grams", "600,5").header("HX-Request", "true")))
        .andExpect(content().string(containsString("Weighed 600.5 g")));
  }

  @Test
  void whoIsSignedInIsToldForAnswersThatWait() throws Exception {
    get(keeper, "/today/line")
        .andExpect(jsonPath("$.keeper").value(keeper.keeperId()))
        .andExpect(jsonPath("$.token").isNotEmpty());
  }
}
