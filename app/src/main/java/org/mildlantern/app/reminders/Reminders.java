package org.mildlantern.app.reminders;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Sends keepers their letters, each once however many instances run. */
@Service
class Reminders {
  private static final Logger LOG = LoggerFactory.getLogger(Reminders.class);

  private final Digest digest;
  private final Letters letters;
  private final KeeperService keepers;
  private final JdbcClient jdbc;
  private final PlatformTransactionManager transactions;
  private final Scope scope;

  Reminders(
      Digest digest,
      Letters letters,
      KeeperService keepers,
      JdbcClient jdbc,
      PlatformTransactionManager transactions,
      Scope scope) {
    this.digest = digest;
    this.letters = letters;
    this.keepers = keepers;
    this.jdbc = jdbc;
    this.transactions = transactions;
    this.scope = scope;
  }

  Wish wish() {
    return jdbc.sql(
            "select wanted, hour, quiet_from, quiet_until, urgent from reminder where collection_id ="
                + " :c")
        .param("c", scope.keeper().collectionId())
        .query(
            (row, n) ->
                new Wish(
                    row.getBoolean("wanted"),
                    row.getInt("hour"),
                    row.getInt("quiet_from"),
                    row.getInt("quiet_until"),
                    row.getBoolean("urgent")))
        .optional()
        .orElse(Wish.NONE);
  }

  void wish(Wish wish) {
    jdbc.sql(
            "insert into reminder (collection_id, wanted, hour, quiet_from, quiet_until, urgent,"
                + " urgent_told) values (:c, :wanted, :hour, :from, :until, :urgent, '') on conflict"
                + " (collection_id) do update set wanted = excluded.wanted, hour = excluded.hour,"
                + " quiet_from = excluded.quiet_from, quiet_until = excluded.quiet_until, urgent ="
                + " excluded.urgent")
        .param("c", scope.keeper().collectionId())
        .param("wanted", wish.wanted())
        .param("hour", wish.hour())
        .param("from", wish.quietFrom())
        .param("until", wish.quietUntil())
        .param("urgent", wish.urgent())
        .update();
  }

  /** Looks now and then whose letter is due. */
  @Scheduled(initialDelay = 3, fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
  void sendDue() {
    if (!letters.go()) {
      return;
    }
    for (Long collection :
        jdbc.sql("select collection_id from reminder where wanted").query(Long.class).list()) {
      try {
        keepers
            .ofCollection(collection)
            .ifPresent(
                keeper ->
                    scope.as(
                        keeper,
                        () -> {
                          new TransactionTemplate(transactions)
                              .executeWithoutResult(status -> sendDueNow());
                          return null;
                        }));
      } catch (RuntimeException e) {
        LOG.warn("no reminder for collection {}", collection, e);
      }
    }
  }

  private record Sent(LocalDate on, String urgent) {}

  /** What is due for this keeper, unless another instance is at it. */
  private void sendDueNow() {
    Optional<Sent> sent =
        jdbc.sql(
                "select sent_on, urgent_told from reminder where collection_id = :c and wanted for"
                    + " update skip locked")
            .param("c", scope.keeper().collectionId())
            .query((row, n) -> new Sent(row.getObject(1, LocalDate.class), row.getString(2)))
            .optional();
    Wish wish = wish();
    int hour = LocalTime.ofInstant(scope.now(), scope.zone()).getHour();
    if (sent.isEmpty() || wish.quiet(hour)) {
      return;
    }
    boolean dayIsDue = hour >= wish.hour() && !scope.today().equals(sent.get().on());
    Optional<Digest.Letter> urgent = digest.urgent();
    String told = urgent.map(Digest.Letter::about).orElse("");
    boolean isNew = urgent.isPresent() && !told.equals(sent.get().urgent());
    if (dayIsDue) {
      // The day's letter says what is urgent too.
      boolean taken =
          digest.day().map(letter -> letters.send(letter.subject(), letter.words())).orElse(true);
      if (taken) {
        remember(scope.today(), told);
      }
    } else if (wish.urgent()
        && isNew
        && letters.send(urgent.get().subject(), urgent.get().words())) {
      remember(sent.get().on(), told);
    }
  }

  private void remember(LocalDate day, String urgent) {
    jdbc.sql("update reminder set sent_on = :day, urgent_told = :told where collection_id = :c")
        .param("day", day)
        .param("told", urgent)
        .param("c", scope.keeper().collectionId())
        .update();
  }
}
