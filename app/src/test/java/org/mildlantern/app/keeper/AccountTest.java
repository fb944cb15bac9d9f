package org.mildlantern.app.keeper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.icegreen.greenmail.junit5.GreenMailExtension;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetupTest;
import java.time.Duration;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

@AppTest
class AccountTest extends WebCase {
  private static final String OLD = "correct horse battery";
  private static final String NEW = "a new horse battery";
  private static final Pattern LINK = Pattern.compile("/new-password\\?by=(\\S+)");

  @RegisterExtension
  static final GreenMailExtension MAIL = new GreenMailExtension(ServerSetupTest.SMTP);

  @Autowired KeeperService accounts;
  @Autowired PasswordEncoder encoder;
  @Autowired JdbcClient jdbc;
  @Autowired TestClock clock;

  private SignedIn keeper;

  @BeforeEach
  void aKeeper() {
    keeper = keepers.make();
    jdbc.sql("delete from bucket").update();
  }

  private boolean opens(String password) {
    return encoder.matches(password, accounts.byEmail(keeper.email()).orElseThrow().passwordHash());
  }

  @Test
  void aPasswordIsChangedByTheOldOne() throws Exception {
    post(keeper, "/settings/password", "old", "wrong", "fresh", NEW)
        .andExpect(flash().attributeExists("oldProblem"));
    post(keeper, "/settings/password", "old", OLD, "fresh", "short")
        .andExpect(flash().attributeExists("freshProblem"));
    assertThat(opens(OLD)).isTrue();
    post(keeper, "/settings/password", "old", OLD, "fresh", NEW)
        .andExpect(redirectedUrl("/settings"));
    assertThat(opens(NEW)).isTrue();
  }

  private ResultActions asked(String email) throws Exception {
    return web.perform(
        MockMvcRequestBuilders.post("/forgotten")
            .servletPath("/forgotten")
            .with(csrf())
            .param("email", email));
  }

  private String letter() throws Exception {
    assertThat(MAIL.waitForIncomingEmail(5000, 1)).isTrue();
    Matcher link = LINK.matcher(GreenMailUtil.getBody(MAIL.getReceivedMessages()[0]));
    assertThat(link.find()).isTrue();
    return link.group(1);
  }

  private ResultActions anew(String secret, String password) throws Exception {
    return web.perform(
        MockMvcRequestBuilders.post("/new-password")
            .servletPath("/new-password")
            .with(csrf())
            .param("by", secret)
            .param("fresh", password));
  }

  @Test
  void aLetterLeadsToANewPasswordOnce() throws Exception {
    asked(keeper.email()).andExpect(redirectedUrl("/forgotten?sent"));
    String secret = letter();
    web.perform(MockMvcRequestBuilders.get("/new-password").param("by", secret))
        .andExpect(content().string(containsString("Keep it")));
    anew(secret, "short").andExpect(status().isUnprocessableEntity());
    anew(secret, NEW).andExpect(redirectedUrl("/sign-in?changed"));
    assertThat(opens(NEW)).isTrue();
    anew(secret, OLD).andExpect(content().string(containsString("This link has been used")));
    assertThat(opens(NEW)).isTrue();
  }

  @Test
  void aLinkHoldsForAnHour() throws Exception {
    asked(keeper.email());
    String secret = letter();
    try {
      clock.forward(Duration.ofMinutes(61));
      anew(secret, NEW).andExpect(content().string(containsString("older than an hour")));
    } finally {
      clock.reset();
    }
    assertThat(opens(OLD)).isTrue();
  }

  @Test
  void nobodyLearnsWhoHasAnAccountAndNobodyFloodsThem() throws Exception {
    asked("nobody@example.org").andExpect(redirectedUrl("/forgotten?sent"));
    for (int i = 0; i < 7; i++) {
      asked("nobody@example.org");
    }
    asked(keeper.email()).andExpect(redirectedUrl("/forgotten?wait"));
    assertThat(MAIL.getReceivedMessages()).isEmpty();
  }

  @Test
  void anAccountIsDeletedWithAllInItAndNothingOfOthers() throws Exception {
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    Long plant = keepers.plant(keeper, sill, "Phalaenopsis").id();
    keepers.note(keeper, plant, "watered 100");
    SignedIn other = keepers.make();
    keepers.plant(other, keepers.place(other, "Sill", PlaceKind.INDOOR), "Vanda");
    post(keeper, "/settings/leave", "password", "wrong")
        .andExpect(flash().attributeExists("leaveProblem"));
    post(keeper, "/settings/leave", "password", OLD).andExpect(redirectedUrl("/sign-in?gone"));
    assertThat(accounts.byEmail(keeper.email())).isEmpty();
    for (String table : new String[] {"plant", "place", "entry", "collection_pulse"}) {
      assertThat(count(table, keeper)).as(table).isZero();
      assertThat(count("plant", other)).isEqualTo(1);
    }
  }

  private long count(String table, SignedIn of) {
    return jdbc.sql("select count(*) from " + table + " where collection_id = ?")
        .param(of.collectionId())
        .query(Long.class)
        .single();
  }

  @Test
  void theDemoAccountOffersNoPassword() throws Exception {
    SignedIn demo = accounts.byEmail(DemoDoor.EMAIL).orElseThrow();
    get(demo, "/settings")
        .andExpect(
            content().string(org.hamcrest.Matchers.not(containsString("Delete the account"))));
    post(demo, "/settings/leave", "password", "")
        .andExpect(flash().attributeExists("leaveProblem"));
  }

  @Test
  void aCollectionStandsWhereTheBrowsersClockOrItsKeeperSays() throws Exception {
    String email = "south" + System.nanoTime() + "@example.org";
    web.perform(
        MockMvcRequestBuilders.post("/register")
            .with(csrf())
            .param("email", email)
            .param("name", "Ann")
            .param("password", OLD)
            .param("zone", "Australia/Sydney"));
    SignedIn south = accounts.byEmail(email).orElseThrow();
    assertThat(south.latitude()).isBetween(-34.5, -33.0);
    assertThat(south.zoneName()).isEqualTo("Australia/Sydney");
    get(south, "/today").andExpect(content().string(containsString("Sydney, Australia")));
    post(south, "/settings/where", "town", "Oslo, Norway", "back", "/today")
        .andExpect(redirectedUrl("/today"));
    assertThat(accounts.byEmail(email).orElseThrow().latitude()).isBetween(59.0, 61.0);
    post(south, "/settings/where", "town", "Atlantis", "back", "https://elsewhere.example")
        .andExpect(redirectedUrl("/settings"))
        .andExpect(flash().attribute("townTyped", "Atlantis"));
    get(keeper, "/today")
        .andExpect(content().string(containsString("Where roughly do your plants")));
  }

  @Test
  void townsAreKnownByEachNameOfTheirZone() {
    assertThat(Towns.all()).hasSizeGreaterThan(400).allSatisfy(this::isATown);
    assertThat(Towns.ofZone("Asia/Calcutta")).map(Towns.Town::name).hasValue("Kolkata, India");
    assertThat(Towns.ofZone("Asia/Kolkata")).map(Towns.Town::name).hasValue("Kolkata, India");
    assertThat(Towns.ofZone("Moon/Base")).isEmpty();
    assertThat(Towns.ofZone("")).isEmpty();
    for (Map.Entry<String, Double> known :
        Map.of("New York, United States", 40.7, "Johannesburg, South Africa", -26.3).entrySet()) {
      assertThat(Towns.named(known.getKey()).orElseThrow().latitude())
          .isCloseTo(known.getValue(), org.assertj.core.data.Offset.offset(0.2));
    }
  }

  private void isATown(Towns.Town town) {
    assertThat(town.latitude()).isBetween(-90.0, 90.0);
    assertThat(java.time.ZoneId.of(town.zone())).isNotNull();
  }
}
