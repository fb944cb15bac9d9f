package org.mildlantern.app.archive;

import java.util.List;
import java.util.Map;

/**
 * What reading an archive in did, or would do.
 *
 * @param collection how the collection of the archive is called, and where it stands
 * @param empty whether nothing was here before
 * @param counts by table, those with rows only
 * @param others names of records that differ from what is here
 * @param twins plants whose code and name are here already
 * @param renamed plants that were given another code, as “old → new”
 */
record Merge(
    Map<String, String> collection,
    boolean empty,
    List<Count> counts,
    List<String> others,
    List<String> twins,
    List<String> renamed) {

  /**
   * Rows of a table.
   *
   * @param fresh those that are new here
   * @param same those that are here as they are
   * @param other those that are here and differ
   */
  record Count(String table, long fresh, long same, long other) {}

  long fresh() {
    return counts.stream().mapToLong(Count::fresh).sum();
  }

  /** What to do with what is here and differs, and with plants that look the same. */
  record Choice(boolean takeTheirs, boolean samePlants) {}
}
