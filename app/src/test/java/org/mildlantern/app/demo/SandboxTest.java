package org.mildlantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import java.time.Duration;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantService;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

@AppTest
class SandboxTest extends WebCase {
  @Autowired KeeperService accounts;
  @Autowired PlantService plants;
  @Autowired JdbcClient jdbc;

  private SignedIn newestGuest() {
    String email =
        jdbc.sql("select email from keeper where email like ? order by id desc limit 1")
            .param("%" + SignedIn.GUESTS)
            .query(String.class)
            .single();
    return accounts.byEmail(email).orElseThrow();
  }

  private void send(String path, SignedIn keeper, MockHttpSession session) throws Exception {
    web.perform(MockMvcRequestBuilders.post(path).session(session).with(user(keeper)).with(csrf()))
        .andExpect(redirectedUrl("/today"));
  }

  @Test
  void aKeeperIsShownRoundInACollectionOfTheirOwnThatIsThrownAwayAfterADay() throws Exception {
    SignedIn own = keepers.make();
    send("/sandbox", own, new MockHttpSession());
    SignedIn guest = newestGuest();
    assertThat(guest.isGuest()).isTrue();
    assertThat(guest.collectionId()).isNotEqualTo(own.collectionId());
    assertThat(keepers.as(guest, plants::kept)).hasSizeGreaterThan(30);
    assertThat(keepers.as(own, plants::kept)).isEmpty();
    accounts.takeOutGuests(Keepers.NOW.minus(Duration.ofDays(1)));
    assertThat(accounts.byEmail(guest.email())).isPresent();
    accounts.takeOutGuests(Keepers.NOW.plus(Duration.ofSeconds(1)));
    assertThat(accounts.byEmail(guest.email())).isEmpty();
    assertThat(entries(guest)).isZero();
  }

  @Test
  void whoComesAgainBeginsAnew() throws Exception {
    SignedIn own = keepers.make();
    send("/sandbox", own, new MockHttpSession());
    SignedIn first = newestGuest();
    send("/sandbox", own, new MockHttpSession());
    SignedIn second = newestGuest();
    assertThat(second.email()).isEqualTo(first.email());
    assertThat(second.keeperId()).isNotEqualTo(first.keeperId());
    assertThat(entries(first)).isZero();
    assertThat(keepers.as(second, plants::kept)).hasSizeGreaterThan(30);
  }

  @Test
  void nobodyLeavesWhatIsTheirOwn() throws Exception {
    SignedIn own = keepers.make();
    send("/sandbox/leave", own, new MockHttpSession());
    assertThat(Optional.of(own.email()).flatMap(accounts::byEmail)).isPresent();
  }

  private long entries(SignedIn of) {
    return jdbc.sql("select count(*) from entry where collection_id = ?")
        .param(of.collectionId())
        .query(Long.class)
        .single();
  }
}
