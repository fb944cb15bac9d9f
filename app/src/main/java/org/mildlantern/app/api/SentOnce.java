package org.mildlantern.app.api;

import java.time.ZoneOffset;
import org.mildlantern.app.keeper.Scope;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Remembers under which keys programs sent lines, so that each is written once. */
@Component
class SentOnce {
  private final JdbcClient jdbc;
  private final Scope scope;

  SentOnce(JdbcClient jdbc, Scope scope) {
    this.jdbc = jdbc;
    this.scope = scope;
  }

  /** The entry that was written under a key, or null; others with it wait until this is done. */
  Long before(String key) {
    jdbc.sql("select pg_advisory_xact_lock(hashtextextended(:name, 0))")
        .param("name", "sent " + scope.keeper().collectionId() + " " + key)
        .query()
        .listOfRows();
    return jdbc.sql("select entry_id from sent_once where collection_id = :c and key = :key")
        .param("c", scope.keeper().collectionId())
        .param("key", key)
        .query(Long.class)
        .optional()
        .orElse(null);
  }

  void keep(String key, Long entry) {
    jdbc.sql(
            "insert into sent_once (collection_id, key, entry_id, at) values (:c, :key, :entry, :at)")
        .param("c", scope.keeper().collectionId())
        .param("key", key)
        .param("entry", entry)
        .param("at", scope.now().atOffset(ZoneOffset.UTC))
        .update();
  }
}
