package org.mildlantern.app.archive;

import java.util.List;
import java.util.stream.Collectors;

/**
 * The SQL by which a table of an archive is read in. Its rows come into {@code in_…} as text, are
 * typed in {@code typed_…} with what they refer to as it is called here, and {@code map_…} says
 * which row is which: {@code u} the same by its uid, {@code s} the same in other ways, {@code n}
 * new.
 *
 * @param columns those that the archive has
 */
record Staging(Tables.Table table, List<Tables.Column> columns, Tables tables, Long collection) {
  private static final String PLACE_OF_VIEW = "(?:^|&)place=(\\d+)";

  String name() {
    return table.name();
  }

  String in() {
    return "create temp table in_%s (%s) on commit drop"
        .formatted(name(), list("%s text", columns));
  }

  String copy() {
    return "copy in_%s (%s) from stdin with (format csv, header, encoding 'utf8')"
        .formatted(name(), list("%s", columns));
  }

  /** The columns that are more than what identifies a row. */
  List<Tables.Column> told() {
    return columns.stream().filter(one -> !one.name().equals("id")).toList();
  }

  /** Those of which a difference is one; a version counts changes here. */
  List<Tables.Column> compared() {
    return told().stream()
        .filter(one -> !one.name().equals("uid") && !one.name().equals("version"))
        .toList();
  }

  private static String list(String pattern, List<Tables.Column> columns) {
    return columns.stream()
        .map(column -> pattern.formatted('"' + column.name() + '"'))
        .collect(Collectors.joining(", "));
  }

  String typed() {
    String id = table.numbered() ? "i.id::bigint as id, " : "";
    return "create temp table typed_%s on commit drop as select %s%s from in_%s i"
        .formatted(
            name(), id, told().stream().map(this::typed).collect(Collectors.joining(", ")), name());
  }

  private String typed(Tables.Column column) {
    String name = '"' + column.name() + '"';
    if (refers(column) && !column.refers().equals(name())) {
      return mapped(column, "i." + name + "::bigint") + " as " + name;
    }
    if (column.text()) {
      return "case when left(i.%1$s, 1) = '''' then substr(i.%1$s, 2) else i.%1$s end as %1$s"
          .formatted(name);
    }
    return column.bytes()
        ? "i." + name
        : "i.%s::%s as %s".formatted(name, refers(column) ? "bigint" : column.type(), name);
  }

  private boolean refers(Tables.Column column) {
    return column.refers() != null
        && tables.find(column.refers()).filter(Tables.Table::numbered).isPresent();
  }

  private static String mapped(Tables.Column column, String old) {
    return "(select m.new from map_%s m where m.old = %s)".formatted(column.refers(), old);
  }

  String map() {
    return "create temp table map_%s (old bigint primary key, new bigint not null, how text not null)"
            .formatted(name())
        + " on commit drop";
  }

  String matchByUid() {
    return "insert into map_%1$s select i.id, t.id, 'u' from typed_%1$s i join %1$s t on t.uid = i.uid where t.collection_id = %2$d"
        .formatted(name(), collection);
  }

  /** Matches what is the same in other ways; to be repeated until nothing more is found. */
  String match(String condition) {
    return "insert into map_%1$s select distinct on (i.id) i.id, t.id, 's' from typed_%1$s i join %1$s t on t.collection_id = %2$d and (%3$s) where not exists (select from map_%1$s m where m.old = i.id) order by i.id, t.id"
        .formatted(name(), collection, condition);
  }

  String mapNew() {
    return "insert into map_%1$s select i.id, nextval(pg_get_serial_sequence('%1$s', 'id')), 'n' from typed_%1$s i where not exists (select from map_%1$s m where m.old = i.id) order by i.id"
        .formatted(name());
  }

  String insert() {
    return "insert into %1$s (id, collection_id, %2$s) overriding system value select m.new, %3$d, %4$s from typed_%1$s i join map_%1$s m on m.old = i.id and m.how = 'n' order by i.id"
        .formatted(
            name(),
            list("%s", told()),
            collection,
            told().stream().map(this::value).collect(Collectors.joining(", ")));
  }

  /** What hangs on a row and has no name of its own; what is there stays. */
  String insertUnnumbered() {
    return "insert into %1$s (%2$s) select %3$s from typed_%1$s i where %4$s on conflict do nothing"
        .formatted(
            name(),
            list("%s", columns),
            columns.stream().map(this::value).collect(Collectors.joining(", ")),
            columns.stream()
                .filter(this::refers)
                .map(column -> "i.\"" + column.name() + "\" is not null")
                .collect(Collectors.joining(" and ")));
  }

  private String value(Tables.Column column) {
    String name = "i.\"" + column.name() + '"';
    if (refers(column) && column.refers().equals(name())) {
      return mapped(column, name);
    }
    if (column.bytes()) {
      return "case when %s is null then null else ''::bytea end".formatted(name);
    }
    if (name().equals("entry") && column.name().equals("note")) {
      return note();
    }
    if (name().equals("saved_view") && column.name().equals("query")) {
      return view(name);
    }
    return name;
  }

  /** Notes hold ids of places, cases and looks; what they lead to that is not there is 0. */
  private static String note() {
    String note = "i.note";
    note = swapped(note, "i.kind = 'MOVED'", "to", "place");
    note = swapped(note, "i.kind = 'MOVED'", "from", "place");
    note = swapped(note, "true", "caseId", "plant_case");
    note = swapped(note, "true", "changeId", "case_change");
    return swapped(note, "true", "lookId", "look");
  }

  private static String swapped(String note, String when, String key, String table) {
    return ("(case when %2$s and i.note ? '%3$s' then jsonb_set(%1$s, '{%3$s}', to_jsonb(coalesce("
            + "(select m.new from map_%4$s m where m.old = (i.note->>'%3$s')::bigint), 0))) else %1$s end)")
        .formatted(note, when, key, table);
  }

  private static String view(String query) {
    return ("case when %1$s ~ '%2$s' then regexp_replace(%1$s, '((?:^|&)place=)\\d+', '\\1' ||"
            + " coalesce((select m.new from map_place m where m.old = substring(%1$s from"
            + " '%2$s')::bigint), 0)) else %1$s end")
        .formatted(query, PLACE_OF_VIEW);
  }

  /** Rows that are here, by their uid, and differ. */
  private String differing() {
    return " from typed_%1$s i join map_%1$s m on m.old = i.id and m.how = 'u' where t.id = m.new and (%2$s)"
        .formatted(
            name(),
            compared().stream()
                .map(column -> "%s is distinct from %s".formatted(here(column), theirs(column)))
                .collect(Collectors.joining(" or ")));
  }

  private static String here(Tables.Column column) {
    String name = "t.\"" + column.name() + '"';
    return column.bytes() ? "encode(sha256(" + name + "), 'hex')" : name;
  }

  private String theirs(Tables.Column column) {
    return column.bytes() ? "i.\"" + column.name() + '"' : value(column);
  }

  /** Ids of rows that are here and differ. */
  String others() {
    return "select t.id from %s t where exists (select%s)".formatted(name(), differing());
  }

  String take() {
    return "update %s t set %s%s"
        .formatted(
            name(),
            compared().stream()
                .filter(column -> !column.bytes())
                .map(column -> "\"%s\" = %s".formatted(column.name(), value(column)))
                .collect(Collectors.joining(", ")),
            differing());
  }

  /**
   * Ids of rows with the hash of a picture that they get, in the order of hashes: of new rows, and
   * of those that are here with another where the archive's are taken.
   */
  String pictures(Tables.Column column, boolean takeTheirs) {
    String which =
        takeTheirs
            ? "(m.how = 'n' or m.how = 'u' and i.\"%1$s\" is distinct from (select %3$s from %2$s t where t.id = m.new))"
            : "m.how = 'n'";
    return ("select i.\"%1$s\", m.new from typed_%2$s i join map_%2$s m on m.old = i.id and "
            + which
            + " where i.\"%1$s\" is not null order by 1")
        .formatted(column.name(), name(), here(column));
  }
}
