package org.mildlantern.app.today;

import java.time.Duration;
import java.time.ZoneOffset;
import org.mildlantern.app.keeper.Scope;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Remembers the keys of answers, so that each is taken once however often it is sent. */
@Component
@Transactional(propagation = Propagation.REQUIRES_NEW)
class AnswerStore {
  /** Longer than an answer may wait. */
  private static final Duration KEPT = Duration.ofDays(60);

  private final JdbcClient jdbc;
  private final Scope scope;

  AnswerStore(JdbcClient jdbc, Scope scope) {
    this.jdbc = jdbc;
    this.scope = scope;
  }

  /** Claims a key; false when its answer was taken, or is being taken. */
  boolean claim(String key) {
    jdbc.sql("delete from round_answer where collection_id = :c and taken_at < :old")
        .param("c", scope.keeper().collectionId())
        .param("old", scope.now().minus(KEPT).atOffset(ZoneOffset.UTC))
        .update();
    return jdbc.sql(
                "insert into round_answer (collection_id, key, taken_at) values (:c, :key, :at)"
                    + " on conflict do nothing")
            .param("c", scope.keeper().collectionId())
            .param("key", key)
            .param("at", scope.now().atOffset(ZoneOffset.UTC))
            .update()
        > 0;
  }

  boolean taken(String key) {
    return jdbc.sql("select 1 from round_answer where collection_id = :c and key = :key")
        .param("c", scope.keeper().collectionId())
        .param("key", key)
        .query(Integer.class)
        .optional()
        .isPresent();
  }

  /** Gives a key back whose answer could not be taken. */
  void release(String key) {
    jdbc.sql("delete from round_answer where collection_id = :c and key = :key")
        .param("c", scope.keeper().collectionId())
        .param("key", key)
        .update();
  }
}
