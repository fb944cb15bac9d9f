package org.mildlantern.app.archive;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The tables of a collection as the database describes itself, so that what is added later is in
 * the archive without being told: all that belong to a collection, and those that hang on one of
 * them.
 *
 * @param all so that each comes after those to which it refers
 */
record Tables(List<Table> all) {
  /** What is worked out anew, holds for a moment, or is about archives themselves. */
  private static final Set<String> NOT =
      Set.of(
          "pot_state",
          "round_answer",
          "collection_pulse",
          "archive_out",
          "archive_in",
          "calendar_feed",
          "calendar_event",
          "reminder",
          "stand_in_letter",
          "sent_once",
          "handover",
          "log_import");

  /** Secrets, by table and column. */
  private static final Set<String> SECRET = Set.of("trip.link_hash");

  private static final String OWNER = "collection_id";

  /**
   * A table.
   *
   * @param numbered whether its rows have an id and what makes them the same elsewhere
   * @param owned whether its rows name their collection themselves
   */
  record Table(String name, boolean numbered, boolean owned, List<Column> columns) {
    /** All columns but the id and the collection. */
    List<Column> told() {
      return columns.stream().filter(column -> !column.name().equals("id")).toList();
    }

    boolean has(String column) {
      return columns.stream().anyMatch(one -> one.name().equals(column));
    }
  }

  /**
   * A column.
   *
   * @param type as the database names it
   * @param refers table to whose id it refers, or null
   */
  record Column(String name, String type, String refers) {
    boolean text() {
      return type.startsWith("text") || type.startsWith("char");
    }

    boolean bytes() {
      return type.equals("bytea");
    }
  }

  Optional<Table> find(String name) {
    return all.stream().filter(table -> table.name().equals(name)).findFirst();
  }

  static Tables of(Connection connection) throws SQLException {
    Map<String, List<Column>> columns = columns(connection);
    Set<String> kept = new LinkedHashSet<>();
    columns.forEach(
        (table, its) -> {
          if (!NOT.contains(table) && has(its, OWNER)) {
            kept.add(table);
          }
        });
    columns.forEach(
        (table, its) -> {
          if (its.stream().anyMatch(one -> one.refers() != null && kept.contains(one.refers()))
              && !NOT.contains(table)) {
            kept.add(table);
          }
        });
    Map<String, Table> tables = new LinkedHashMap<>();
    for (String name : kept) {
      List<Column> its = columns.get(name);
      tables.put(
          name,
          new Table(
              name,
              has(its, "id") && has(its, "uid"),
              has(its, OWNER),
              its.stream()
                  .filter(one -> !one.name().equals(OWNER))
                  .filter(one -> !SECRET.contains(name + "." + one.name()))
                  .toList()));
    }
    return new Tables(ordered(tables));
  }

  private static boolean has(List<Column> columns, String name) {
    return columns.stream().anyMatch(column -> column.name().equals(name));
  }

  private static List<Table> ordered(Map<String, Table> tables) {
    List<Table> ordered = new ArrayList<>();
    Set<String> placed = new LinkedHashSet<>();
    while (ordered.size() < tables.size()) {
      int before = ordered.size();
      for (Table table : tables.values()) {
        boolean free =
            table.columns().stream()
                .map(Column::refers)
                .allMatch(
                    to ->
                        to == null
                            || to.equals(table.name())
                            || placed.contains(to)
                            || !tables.containsKey(to));
        if (free && placed.add(table.name())) {
          ordered.add(table);
        }
      }
      if (ordered.size() == before) {
        throw new IllegalStateException("tables refer to one another in a circle");
      }
    }
    return ordered;
  }

  private static Map<String, List<Column>> columns(Connection connection) throws SQLException {
    Map<String, String> refers = new HashMap<>();
    String keys =
        "select r.relname, a.attname, f.relname from pg_constraint k join pg_class r on r.oid ="
            + " k.conrelid join pg_class f on f.oid = k.confrelid join pg_attribute a on a.attrelid"
            + " = r.oid and a.attnum = k.conkey[1] where k.contype = 'f' and"
            + " array_length(k.conkey, 1) = 1 and r.relnamespace = current_schema()::regnamespace";
    try (PreparedStatement query = connection.prepareStatement(keys);
        ResultSet rows = query.executeQuery()) {
      while (rows.next()) {
        refers.put(rows.getString(1) + "." + rows.getString(2), rows.getString(3));
      }
    }
    // Numbers that stand for rows without a constraint that says so.
    refers.put("treatment_course.party_id", "treatment_course");
    refers.put("treatment_visit.together_id", "treatment_visit");
    Map<String, List<Column>> columns = new LinkedHashMap<>();
    String all =
        "select c.relname, a.attname, format_type(a.atttypid, a.atttypmod) from pg_class c join"
            + " pg_attribute a on a.attrelid = c.oid where c.relkind = 'r' and c.relnamespace ="
            + " current_schema()::regnamespace and a.attnum > 0 and not a.attisdropped order by"
            + " c.relname, a.attnum";
    try (PreparedStatement query = connection.prepareStatement(all);
        ResultSet rows = query.executeQuery()) {
      while (rows.next()) {
        String table = rows.getString(1);
        String name = rows.getString(2);
        columns
            .computeIfAbsent(table, t -> new ArrayList<>())
            .add(new Column(name, rows.getString(3), refers.get(table + "." + name)));
      }
    }
    return columns;
  }
}
