package org.mildlantern.app.archive;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.words.Words;
import org.springframework.jdbc.core.JdbcTemplate;

/** How a collection is called and where it stands, which an empty one takes over. */
final class Whereabouts {
  private static final Words WORDS = Words.of(Whereabouts.class);

  private static final List<String> COLUMNS =
      List.of("name", "latitude", "zone", "learns", "located", "units", "keep_days");

  private Whereabouts() {}

  static Map<String, String> of(Connection connection, Long collection) throws SQLException {
    Map<String, String> told = new LinkedHashMap<>();
    try (PreparedStatement query =
        connection.prepareStatement(
            "select " + String.join("::text, ", COLUMNS) + "::text from collection where id = ?")) {
      query.setLong(1, collection);
      try (ResultSet row = query.executeQuery()) {
        row.next();
        for (String name : COLUMNS) {
          told.put(name, row.getString(name));
        }
      }
    }
    return told;
  }

  /**
   * Has a collection take it over.
   *
   * @throws ArchiveFault when it does not say where the collection stands
   */
  static void settle(JdbcTemplate jdbc, Map<String, String> told, Long collection) {
    try {
      ZoneId.of(String.valueOf(told.get("zone")));
      jdbc.update(
          "update collection set name = coalesce(?, name), latitude = greatest(-90, least(90, ?)),"
              + " zone = ?, learns = ?, located = coalesce(?, located), units = ?, keep_days ="
              + " coalesce(?, keep_days), version = version + 1 where id = ?",
          told.get("name"),
          Double.valueOf(told.get("latitude")),
          told.get("zone"),
          !"false".equals(told.get("learns")),
          told.get("located"),
          told.get("units"),
          told.get("keep_days") == null ? null : Integer.valueOf(told.get("keep_days")),
          collection);
    } catch (DateTimeException | NullPointerException | NumberFormatException e) {
      throw new ArchiveFault(WORDS.say("settings"), e);
    }
  }
}
