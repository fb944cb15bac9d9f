package org.mildlantern.app.today;

import java.time.Duration;
import java.time.ZoneOffset;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Remembers the keys of answers, so that each is taken once however often it is sent. */
@Component
@Transactional
class AnswerStore {
  /** Longer than an answer may wait. */
  private static final Duration KEPT = Duration.ofDays(60);

  private final JdbcClient jdbc;
  private final Scope scope;

  AnswerStore(JdbcClient jdbc, Scope scope) {
    this.jdbc = jdbc;
    this.scope = scope;
  }

  /** What became of a key. */
  enum Claim {
    OURS,
    TAKEN_BEFORE,
    UNDER_WAY
  }

  /**
   * Claims a key for the transaction under way: it is remembered if that stores what it does, and
   * free again if not.
   */
  Claim claim(String key) {
    if (!tryLock("answer " + scope.keeper().collectionId() + " " + key)) {
      return Claim.UNDER_WAY;
    }
    return jdbc.sql(
                    "insert into round_answer (collection_id, key, taken_at) values (:c, :key, :at)"
                        + " on conflict do nothing")
                .param("c", scope.keeper().collectionId())
                .param("key", key)
                .param("at", scope.now().atOffset(ZoneOffset.UTC))
                .update()
            > 0
        ? Claim.OURS
        : Claim.TAKEN_BEFORE;
  }

  /** Remembers where an answer leads. */
  void ledTo(String key, String path) {
    jdbc.sql("update round_answer set led_to = :path where collection_id = :c and key = :key")
        .param("path", path)
        .param("c", scope.keeper().collectionId())
        .param("key", key)
        .update();
  }

  /** Where the answer to a key led, if it is known. */
  Optional<String> ledTo(String key) {
    return jdbc.sql("select led_to from round_answer where collection_id = :c and key = :key")
        .param("c", scope.keeper().collectionId())
        .param("key", key)
        .query((row, n) -> Optional.ofNullable(row.getString(1)))
        .optional()
        .flatMap(path -> path);
  }

  /** Lets answers about a plant come one after the other, to the end of the transaction. */
  void oneByOne(Long plant) {
    jdbc.sql("select pg_advisory_xact_lock(hashtextextended(:name, 0))")
        .param("name", "plant " + scope.keeper().collectionId() + " " + plant)
        .query()
        .listOfRows();
  }

  private boolean tryLock(String name) {
    return jdbc.sql("select pg_try_advisory_xact_lock(hashtextextended(:name, 0))")
        .param("name", name)
        .query(Boolean.class)
        .single();
  }

  /** Forgets keys whose answers cannot come again. */
  @Scheduled(cron = "0 17 3 * * *")
  void thin() {
    jdbc.sql("delete from round_answer where taken_at < :old")
        .param("old", scope.now().minus(KEPT).atOffset(ZoneOffset.UTC))
        .update();
  }
}
