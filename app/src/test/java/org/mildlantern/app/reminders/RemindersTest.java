package org.mildlantern.app.reminders;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.MailServer;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.transaction.PlatformTransactionManager;

class RemindersTest extends WebCase {
  private static final Instant MORNING = Instant.parse("2026-12-20T08:00:00Z");

  @Autowired TestClock clock;
  @Autowired Digest digest;
  @Autowired KeeperService accounts;
  @Autowired JdbcClient jdbc;
  @Autowired PlatformTransactionManager transactions;
  @Autowired Scope scope;

  private final GreenMail server = new GreenMail(new ServerSetup(0, "127.0.0.1", "smtp"));
  private Reminders reminders;
  private SignedIn keeper;
  private PlantView coleus;

  @BeforeEach
  void aThirstyPlant() {
    jdbc.sql("update reminder set wanted = false").update();
    server.start();
    JavaMailSenderImpl mail = new JavaMailSenderImpl();
    mail.setHost("127.0.0.1");
    mail.setPort(server.getSmtp().getPort());
    MailServer handedIn =
        new MailServer(mail, jdbc, scope, "127.0.0.1", "plants@example.org", "key", false);
    Letters letters = new Letters(handedIn, jdbc, scope, false);
    reminders = new Reminders(digest, letters, accounts, jdbc, transactions, scope);
    keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    keepers.note(keeper, coleus.id(), "watered through");
    clock.forward(Duration.between(Keepers.NOW, MORNING));
  }

  @AfterEach
  void stop() {
    server.stop();
    clock.reset();
  }

  private void wish(int hour, int quietFrom, int quietUntil) {
    keepers.as(
        keeper,
        () -> {
          reminders.wish(new Wish(true, hour, quietFrom, quietUntil, true));
          return null;
        });
  }

  private int sent() {
    reminders.sendDue();
    return server.getReceivedMessages().length;
  }

  private String text(int letter) throws Exception {
    return server.getReceivedMessages()[letter].getContent().toString();
  }

  @Test
  void theDaysWorkComesOnceFromItsHourOn() throws Exception {
    wish(9, 22, 7);
    assertThat(sent()).isZero();
    clock.forward(Duration.ofHours(2));
    assertThat(sent()).isEqualTo(1);
    assertThat(server.getReceivedMessages()[0].getSubject()).startsWith("Today: one stop");
    assertThat(server.getReceivedMessages()[0].getAllRecipients()[0].toString())
        .isEqualTo(keeper.email());
    assertThat(text(0))
        .contains(
            "Sill",
            "Coleus scutellarioides (" + coleus.code() + "): feel the pot",
            "/settings/reminders");
    assertThat(sent()).isEqualTo(1);
    clock.forward(Duration.ofDays(1));
    assertThat(sent()).isEqualTo(2);
  }

  @Test
  void nothingComesInQuietHoursAndNothingWhereNothingIsDue() {
    wish(0, 5, 20);
    assertThat(sent()).isZero();
    wish(0, 20, 5);
    post(keeper);
    assertThat(sent()).isZero();
  }

  private void post(SignedIn of) {
    try {
      post(of, "/plants/" + coleus.id() + "/archive", "away", "true");
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void whatIsUrgentComesBesidesAndOnce() throws Exception {
    wish(6, 22, 5);
    assertThat(sent()).isEqualTo(1);
    Long trip =
        jdbc.sql(
                "insert into trip (collection_id, from_day, until_day, call, made_at) values (?,"
                    + " date '2026-12-19', date '2026-12-30', '', now()) returning id")
            .param(keeper.collectionId())
            .query(Long.class)
            .single();
    jdbc.sql(
            "insert into trip_message (collection_id, trip_id, at, text, urgent) values (?, ?, now(),"
                + " 'water on the floor', true)")
        .params(keeper.collectionId(), trip)
        .update();
    assertThat(sent()).isEqualTo(2);
    assertThat(server.getReceivedMessages()[1].getSubject()).isEqualTo("This cannot wait");
    assertThat(text(1)).contains("water on the floor");
    assertThat(sent()).isEqualTo(2);
  }

  @Test
  void aServerThatIsDownIsTriedAgain() {
    wish(6, 22, 5);
    server.stop();
    reminders.sendDue();
    assertThat(
            jdbc.sql("select count(*) from reminder where collection_id = ? and sent_on is null")
                .param(keeper.collectionId())
                .query(Long.class)
                .single())
        .isEqualTo(1);
  }

  private MailServer nowhere() {
    return new MailServer(new JavaMailSenderImpl(), jdbc, scope, "", "x@example.org", "key", false);
  }

  @Test
  void theDemoKeepsLettersInAMailboxOfItsOwn() {
    Letters standIn = new Letters(nowhere(), jdbc, scope, true);
    assertThat(standIn.isStandIn()).isTrue();
    keepers.as(keeper, () -> standIn.send("Today", "water"));
    assertThat(keepers.as(keeper, standIn::kept))
        .extracting(Letters.Kept::words)
        .containsExactly("water");
    assertThat(keepers.as(keepers.make(), standIn::kept)).isEmpty();
    Letters none = new Letters(nowhere(), jdbc, scope, false);
    assertThat(none.go()).isFalse();
  }

  @Test
  void quietHoursGoRoundMidnight() {
    Wish night = new Wish(true, 8, 22, 7, true);
    assertThat(night.quiet(23)).isTrue();
    assertThat(night.quiet(3)).isTrue();
    assertThat(night.quiet(7)).isFalse();
    assertThat(new Wish(true, 8, 12, 14, true).quiet(13)).isTrue();
    assertThat(new Wish(true, 8, 0, 0, true).quiet(0)).isFalse();
    assertThatThrownBy(() -> new Wish(true, 24, 0, 0, true))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void thePageKeepsWhatIsWishedAndRefusesQuietLetters() throws Exception {
    post(
            keeper,
            "/settings/reminders",
            "wanted",
            "true",
            "hour",
            "8",
            "quietFrom",
            "22",
            "quietUntil",
            "7")
        .andExpect(redirectedUrl("/settings/reminders"));
    assertThat(keepers.as(keeper, () -> reminders.wish()))
        .isEqualTo(new Wish(true, 8, 22, 7, false));
    post(
            keeper,
            "/settings/reminders",
            "wanted",
            "true",
            "hour",
            "23",
            "quietFrom",
            "22",
            "quietUntil",
            "7")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("quiet hours")));
    post(keeper, "/settings/reminders", "hour", "99", "quietFrom", "22", "quietUntil", "7")
        .andExpect(status().isUnprocessableEntity());
    post(keeper, "/settings/reminders", "hour", "soon", "quietFrom", "22", "quietUntil", "7")
        .andExpect(status().is4xxClientError());
  }
}
