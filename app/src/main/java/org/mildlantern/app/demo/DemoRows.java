package org.mildlantern.app.demo;

import java.sql.Types;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.mildlantern.app.journal.Notes;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.journal.Note;
import org.springframework.jdbc.core.SqlParameterValue;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcOperations;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Component;

/** Writes the demo's rows, with their past dates, straight into the tables. */
@Component
class DemoRows {
  private final JdbcClient jdbc;
  private final NamedParameterJdbcOperations many;
  private final Scope scope;

  DemoRows(JdbcClient jdbc, NamedParameterJdbcOperations many, Scope scope) {
    this.jdbc = jdbc;
    this.many = many;
    this.scope = scope;
  }

  /** A row of the collection; columns follow by {@link Row#with}, {@link Row#save} writes it. */
  Row row(String table) {
    return new Row(table).with("collection_id", scope.keeper().collectionId());
  }

  /** A journal entry of a plant, some days ago at an hour. */
  Row entry(long plant, int ago, int hour, Note note, String text) {
    return row("entry")
        .with("plant_id", plant)
        .with("at", at(ago, hour))
        .with("kind", note.kind().name())
        .with("note", new SqlParameterValue(Types.OTHER, Notes.write(note)))
        .with("text", text)
        .with("superseded", false);
  }

  /** Writes rows that have the same columns in one go. */
  void save(List<Row> rows) {
    if (!rows.isEmpty()) {
      many.batchUpdate(
          rows.get(0).insert(), rows.stream().map(row -> row.columns).toArray(Map[]::new));
    }
  }

  LocalDate day(int ago) {
    return scope.today().minusDays(ago);
  }

  /** An instant some days ago, never ahead of now. */
  OffsetDateTime at(int ago, int hour) {
    return at(ago, LocalTime.of(hour, 0));
  }

  OffsetDateTime at(int ago, LocalTime time) {
    Instant wanted = day(ago).atTime(time).atZone(scope.zone()).toInstant();
    Instant latest = scope.now().minus(Duration.ofMinutes(1));
    return (wanted.isAfter(latest) ? latest : wanted).atOffset(ZoneOffset.UTC);
  }

  final class Row {
    private final String table;
    private final Map<String, Object> columns = new TreeMap<>();

    private Row(String table) {
      this.table = table;
    }

    Row with(String column, Object value) {
      columns.put(column, value);
      return this;
    }

    /** Writes the row and returns its id. */
    long save() {
      GeneratedKeyHolder key = new GeneratedKeyHolder();
      jdbc.sql(insert()).params(columns).update(key, "id");
      return key.getKey().longValue();
    }

    private String insert() {
      return "insert into %s (%s) values (:%s)"
          .formatted(
              table, String.join(", ", columns.keySet()), String.join(", :", columns.keySet()));
    }
  }
}
