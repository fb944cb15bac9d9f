package org.mildlantern.app.keeper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.test.util.ReflectionTestUtils;

class MailServerTest extends WebCase {
  private static final String PAGE = "/settings/mail";

  @Autowired MailServer bean;
  @Autowired KeeperService accounts;
  @Autowired JdbcClient jdbc;
  @Autowired Scope scope;

  private final GreenMail server = new GreenMail(new ServerSetup(0, "127.0.0.1", "smtp"));
  private SignedIn first;
  private String fixed;

  @BeforeEach
  void aServer() {
    server.start();
    server.setUser("plants", "s3cret word");
    ReflectionTestUtils.setField(bean, "demo", false);
    fixed = (String) ReflectionTestUtils.getField(bean, "host");
    ReflectionTestUtils.setField(bean, "host", "");
    first =
        accounts
            .byEmail(
                jdbc.sql("select email from keeper order by id limit 1")
                    .query(String.class)
                    .single())
            .orElseThrow();
  }

  @AfterEach
  void asItWas() {
    ReflectionTestUtils.setField(bean, "demo", true);
    ReflectionTestUtils.setField(bean, "host", fixed);
    bean.unset();
    server.stop();
  }

  private String[] form(String password) {
    return new String[] {
      "host", "127.0.0.1",
      "port", String.valueOf(server.getSmtp().getPort()),
      "locked", "NONE",
      "name", "plants",
      "password", password,
      "sender", "plants@example.org"
    };
  }

  @Test
  void theFirstKeeperSetsItAndALetterArrives() throws Exception {
    post(first, PAGE, form("s3cret word")).andExpect(redirectedUrl(PAGE));
    get(first, PAGE)
        .andExpect(content().string(containsString("127.0.0.1")))
        .andExpect(content().string(not(containsString("s3cret"))));
    post(first, PAGE + "/try").andExpect(redirectedUrl(PAGE));
    assertThat(server.getReceivedMessages()).hasSize(1);
    assertThat(server.getReceivedMessages()[0].getFrom()[0]).hasToString("plants@example.org");
    assertThat(server.getReceivedMessages()[0].getAllRecipients()[0]).hasToString(first.email());
    post(first, PAGE + "/end").andExpect(redirectedUrl(PAGE));
    assertThat(bean.there()).isFalse();
    assertThatThrownBy(() -> bean.send("x@example.org", "a", "b"))
        .isInstanceOf(IllegalStateException.class);
  }

  @Test
  void thePasswordStaysWithItsServerAndIsKeptEncrypted() throws Exception {
    post(first, PAGE, form("s3cret word"));
    String kept = jdbc.sql("select password from mail_server").query(String.class).single();
    assertThat(kept).doesNotContain("s3cret").isNotBlank();
    post(first, PAGE, form(""));
    assertThat(bean.set().orElseThrow().password()).isEqualTo("s3cret word");
    String[] elsewhere = form("");
    elsewhere[1] = "smtp.example.org";
    post(first, PAGE, elsewhere);
    assertThat(bean.set().orElseThrow().password()).isEmpty();
    post(first, PAGE, form("s3cret word"));
    MailServer restored =
        new MailServer(new JavaMailSenderImpl(), jdbc, scope, "", "", "another key", false);
    assertThat(restored.set().orElseThrow().password()).isEmpty();
    assertThat(restored.set().orElseThrow().host()).isEqualTo("127.0.0.1");
  }

  @Test
  void whatTheServerRefusesIsSaid() throws Exception {
    post(first, PAGE, form("wrong"));
    post(first, PAGE + "/try")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("did not take it")));
    String[] locked = form("s3cret word");
    locked[5] = "STARTTLS";
    post(first, PAGE, locked);
    post(first, PAGE + "/try").andExpect(status().isUnprocessableEntity());
    assertThat(server.getReceivedMessages()).isEmpty();
  }

  @Test
  void badFieldsAreNamedAndNothingIsLost() throws Exception {
    for (String[] bad :
        new String[][] {
          {"1", "http://smtp.example.org/x", "The name of the server alone"},
          {"3", "70000", "A whole number from 1 to 65535"},
          {"3", "many", "A whole number from"},
          {"3", "0", "A whole number from"},
          {"3", "", "A whole number from"},
          {"11", "no address", "An address, such as"},
          {"1", "", "The name of the server, such as"}
        }) {
      String[] form = form("s3cret word");
      form[Integer.parseInt(bad[0])] = bad[1];
      post(first, PAGE, form)
          .andExpect(status().isUnprocessableEntity())
          .andExpect(content().string(containsString(bad[2])));
    }
    assertThat(bean.there()).isFalse();
  }

  @Test
  void nobodyElseSetsItAndOfADemoNobodyDoes() throws Exception {
    SignedIn second = keepers.make();
    for (String path : new String[] {PAGE, PAGE + "/try", PAGE + "/end"}) {
      post(second, path, form("x")).andExpect(status().isUnprocessableEntity());
    }
    get(second, PAGE).andExpect(content().string(not(containsString("name=\"host\""))));
    ReflectionTestUtils.setField(bean, "demo", true);
    post(first, PAGE, form("x")).andExpect(status().isUnprocessableEntity());
    assertThat(bean.there()).isFalse();
    ReflectionTestUtils.setField(bean, "demo", false);
    ReflectionTestUtils.setField(bean, "host", "smtp.example.org");
    post(first, PAGE, form("x")).andExpect(status().isUnprocessableEntity());
    get(first, PAGE).andExpect(content().string(containsString("MAIL_HOST")));
  }
}
