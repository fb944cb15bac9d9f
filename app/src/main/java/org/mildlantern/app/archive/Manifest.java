package org.mildlantern.app.archive;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * What an archive says about itself, in its {@code manifest.json}.
 *
 * @param format {@value #FORMAT}
 * @param version of the format
 * @param made when
 * @param ofPlant whether it holds one plant for another keeper, and not a collection
 * @param collection how it is called and where it stands; of a plant nothing is said
 * @param tables with what their columns hold
 * @param files how many pictures there are, each named by its SHA-256 (FIPS 180-4)
 */
record Manifest(
    String format,
    int version,
    Instant made,
    boolean ofPlant,
    Map<String, String> collection,
    List<Told> tables,
    long files) {
  static final String FORMAT = "mild-lantern-archive";
  static final int VERSION = 1;
  static final String NAME = "manifest.json";

  /** Name of the file of a table. */
  static String file(String table) {
    return "tables/" + table + ".csv";
  }

  /** Name of a picture. */
  static String picture(String hash) {
    return "files/" + hash + ".jpg";
  }

  /** Whether it says all that it must. */
  @JsonIgnore
  boolean whole() {
    return collection != null
        && tables != null
        && tables.stream()
            .allMatch(
                table ->
                    table != null
                        && table.name() != null
                        && table.columns() != null
                        && table.columns().stream()
                            .allMatch(column -> column != null && column.name() != null));
  }

  /** A table of the archive. */
  record Told(String name, long rows, List<Tables.Column> columns) {}
}
