package org.mildlantern.app.archive;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What reading an archive in did, or would do.
 *
 * @param collection how the collection of the archive is called, and where it stands
 * @param ofPlant whether it holds a plant that was handed over
 * @param empty whether nothing was here before, so that the collection becomes the same
 * @param came plants that were handed over and are new here
 * @param counts by table, those with rows only
 * @param others names of records that differ from what is here
 * @param twins plants whose code and name are here already
 * @param renamed plants that were given another code, as “old → new”
 */
record Merge(
    Map<String, String> collection,
    boolean ofPlant,
    boolean empty,
    List<Long> came,
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
  public record Count(String table, long fresh, long same, long other) {
    private static final Set<String> MAIN =
        Set.of("plant", "place", "entry", "photo", "plant_case", "look", "treatment_course");

    /** Whether it is of those that a keeper asks for first, or differs from what is here. */
    @JsonIgnore
    public boolean isMain() {
      return MAIN.contains(table) || other > 0;
    }
  }

  public long fresh() {
    return counts.stream().mapToLong(Count::fresh).sum();
  }

  /**
   * How it is read in.
   *
   * @param takeTheirs whether what is here and differs is overwritten
   * @param samePlants whether plants of one code and name are the same plant
   * @param place where a plant that was handed over stands first, or null for any
   * @param apart whether such a plant is set apart first
   */
  record Choice(boolean takeTheirs, boolean samePlants, Long place, boolean apart) {}
}
