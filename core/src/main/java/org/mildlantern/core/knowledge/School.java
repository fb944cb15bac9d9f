package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;

/**
 * A school of pest or disease control.
 *
 * @param topic what a keeper picks a school for: pests or diseases
 * @param declined why the app has no course by this school, or null
 * @param byDefault whether a new collection follows it
 * @param courses what it does, by pest
 */
public record School(
    String id,
    String topic,
    String label,
    String what,
    @JsonProperty("default") boolean byDefault,
    String declined,
    Map<String, Pattern> courses) {

  /**
   * What is done visit by visit.
   *
   * @param start means used besides at the first visit
   * @param visits means of each visit, taken in turn and begun again
   */
  public record Pattern(List<String> start, List<List<String>> visits) {
    public Pattern {
      start = start == null ? List.of() : start;
    }

    /** The means of a visit, counted from 0. */
    public List<String> at(int visit) {
      List<String> usual = visits.get(visit % visits.size());
      if (visit > 0 || start.isEmpty()) {
        return usual;
      }
      return java.util.stream.Stream.concat(start.stream(), usual.stream()).distinct().toList();
    }
  }
}
