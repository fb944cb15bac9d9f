package org.mildlantern.core.treatment;

import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.School;

/**
 * A school's course against a pest.
 *
 * @param interval days between its turns; a turn of which bounds leave nothing is no visit
 * @param chance that none are left one generation after the last visit
 * @param leftOut means of the school that this plant does not bear
 */
public record Course(
    School school, int interval, List<Visit> visits, double chance, List<Means> leftOut) {

  Course without(List<Means> means) {
    return new Course(school, interval, visits, chance, means);
  }

  public boolean enough() {
    return chance >= CourseSearch.ENOUGH;
  }

  /** Hands-on minutes for one plant. */
  public double minutes() {
    return visits.stream().flatMap(v -> v.means().stream()).mapToDouble(Means::minutes).sum();
  }

  /** Cost of what is used for one plant, for comparing. */
  public double cost() {
    return visits.stream().flatMap(v -> v.means().stream()).mapToDouble(Means::cost).sum();
  }

  /** The worst harm of any of its means, 0 to 3. */
  public int harm() {
    return means().stream().mapToInt(Means::harm).max().orElse(0);
  }

  /** All means used, each once, in the order of use. */
  public List<Means> means() {
    return visits.stream().flatMap(v -> v.means().stream()).distinct().toList();
  }

  /** The days between its visits, from the shortest to the longest; 0 for a single one. */
  public IntSummaryStatistics gaps() {
    return IntStream.range(1, visits.size())
        .map(i -> visits.get(i).day() - visits.get(i - 1).day())
        .summaryStatistics();
  }

  /** The day of the last visit. */
  public int length() {
    return visits.get(visits.size() - 1).day();
  }
}
