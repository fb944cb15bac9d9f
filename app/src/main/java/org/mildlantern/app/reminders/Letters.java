package org.mildlantern.app.reminders;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.mildlantern.app.keeper.MailServer;
import org.mildlantern.app.keeper.Scope;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mail.MailException;
import org.springframework.stereotype.Component;

/**
 * Hands letters in where the installation says. The demo, which has no such place, keeps them in a
 * mailbox of its own, where they can be read.
 */
@Component
class Letters {
  private static final Logger LOG = LoggerFactory.getLogger(Letters.class);
  private static final int SHOWN = 10;

  private final MailServer mail;
  private final JdbcClient jdbc;
  private final Scope scope;
  private final boolean demo;

  Letters(
      MailServer mail, JdbcClient jdbc, Scope scope, @Value("${mild-lantern.demo}") boolean demo) {
    this.mail = mail;
    this.jdbc = jdbc;
    this.scope = scope;
    this.demo = demo;
  }

  /** A letter in the stand-in mailbox. */
  record Kept(OffsetDateTime sentAt, String subject, String words) {}

  /** Whether letters go anywhere. */
  boolean go() {
    return mail.there() || demo;
  }

  boolean isStandIn() {
    return demo && !mail.there();
  }

  /** Sends a letter to the keeper of this collection; whether it was taken. */
  boolean send(String subject, String words) {
    if (isStandIn()) {
      jdbc.sql(
              "insert into stand_in_letter (collection_id, sent_at, subject, words) values (:c, :at,"
                  + " :subject, :words)")
          .param("c", scope.keeper().collectionId())
          .param("at", scope.now().atOffset(ZoneOffset.UTC))
          .param("subject", subject)
          .param("words", words)
          .update();
      return true;
    }
    if (!mail.there() || scope.keeper().isGuest()) {
      return false;
    }
    try {
      mail.send(scope.keeper().email(), subject, words);
      return true;
    } catch (MailException e) {
      LOG.warn("a reminder could not be sent: {}", e.getMessage());
      return false;
    }
  }

  /** The latest letters of the stand-in mailbox. */
  List<Kept> kept() {
    return jdbc.sql(
            "select sent_at, subject, words from stand_in_letter where collection_id = :c order by id"
                + " desc limit "
                + SHOWN)
        .param("c", scope.keeper().collectionId())
        .query(
            (row, n) ->
                new Kept(
                    row.getObject("sent_at", OffsetDateTime.class),
                    row.getString("subject"),
                    row.getString("words")))
        .list();
  }
}
