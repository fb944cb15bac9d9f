package org.mildlantern.app.archive;

import jakarta.persistence.EntityManager;
import jakarta.persistence.metamodel.EntityType;
import java.sql.SQLException;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Lets nothing of an archive in that pages could not show. */
@Component
class ArchiveCheck {
  private static final Words WORDS = Words.of(ArchiveCheck.class);

  private static final int CLEARED_AFTER = 2000;

  private final JdbcTemplate jdbc;
  private final EntityManager entities;
  private final Knowledge knowledge;

  ArchiveCheck(JdbcTemplate jdbc, EntityManager entities, Knowledge knowledge) {
    this.jdbc = jdbc;
    this.entities = entities;
    this.knowledge = knowledge;
  }

  /** Words of the knowledge without which pages cannot be shown. */
  void words(Staging stage) {
    Map<String, Predicate<String>> words =
        switch (stage.name()) {
          case "plant" ->
              Map.of(
                  "form_id",
                  id -> knowledge.usual().find(id).isPresent(),
                  "medium_id",
                  id -> knowledge.media().find(id).isPresent());
          case "plant_case" -> Map.of("cause_id", id -> knowledge.causes().find(id).isPresent());
          case "case_change" -> Map.of("change_id", id -> knowledge.changes().find(id).isPresent());
          case "finding" -> Map.of("sign", id -> knowledge.signs().find(id).isPresent());
          default -> Map.of();
        };
    words.forEach(
        (column, isKnown) ->
            jdbc
                .queryForList(
                    "select distinct %1$s from typed_%2$s where %1$s is not null"
                        .formatted(column, stage.name()),
                    String.class)
                .stream()
                .filter(isKnown.negate())
                .findFirst()
                .ifPresent(
                    id -> {
                      throw new ArchiveFault(WORDS.say("word", id, stage.name(), column));
                    }));
  }

  /** Has everything read as pages will read it, so that nothing comes in that they cannot show. */
  void loads() {
    for (EntityType<?> type : entities.getMetamodel().getEntities()) {
      boolean heavy =
          type.getAttributes().stream().anyMatch(one -> one.getJavaType() == byte[].class);
      boolean owned =
          type.getAttributes().stream().anyMatch(one -> one.getName().equals("collectionId"));
      if (owned && !heavy) {
        load(type);
      }
    }
  }

  private void load(EntityType<?> type) {
    long read = 0;
    try (Stream<?> rows =
        entities
            .createQuery("select e from " + type.getName() + " e")
            .setHint("org.hibernate.fetchSize", CLEARED_AFTER)
            .setHint("org.hibernate.readOnly", true)
            .getResultStream()) {
      for (var all = rows.iterator(); all.hasNext(); read++) {
        if (all.next() instanceof Entry entry) {
          entry.note();
        }
        if (read % CLEARED_AFTER == 0) {
          entities.clear();
        }
      }
    } catch (RuntimeException e) {
      throw new ArchiveFault(WORDS.say("damaged", type.getName() + ": " + first(e)), e);
    } finally {
      entities.clear();
    }
  }

  /** The first line of what went wrong first. */
  static String first(Exception e) {
    Throwable last = e;
    while (last.getCause() != null && !(last instanceof SQLException)) {
      last = last.getCause();
    }
    return String.valueOf(last.getMessage()).lines().findFirst().orElse("");
  }
}
