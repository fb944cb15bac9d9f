package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;

/**
 * Why a course does not work, the likeliest first, and what to change to. The order follows from
 * the records by points; the points are rules of thumb.
 *
 * @param next means of other groups that hit it, the gentlest lawful first
 */
public record NotWorking(List<Reason> reasons, List<Means> next) {
  private static final int NEXT = 3;
  private static final double HITS = 0.3;

  /** A reason with what speaks for it. */
  public record Reason(String label, String why, int points) {}

  /**
   * What is known of the course.
   *
   * @param skipped visits skipped, or made more than two days late
   * @param apart whether the plant stands apart
   * @param carriers whether ants or other carriers were noted
   * @param foundOnNeighbours whether it was found on plants that shared the place
   * @param probability of the case's cause when it was opened
   */
  public record Course(
      List<Visit> done,
      int skipped,
      boolean apart,
      boolean carriers,
      boolean foundOnNeighbours,
      double probability) {}

  public static NotWorking of(
      LifeCycle pest,
      Course course,
      CountBand counts,
      int generation,
      Patient patient,
      Remedies remedies) {
    List<Reason> reasons = new ArrayList<>();
    reasons.add(missed(pest, course, counts));
    reasons.add(resistant(course, generation));
    reasons.add(again(course, counts));
    reasons.add(wrongName(course, counts));
    if (course.skipped() > 0) {
      reasons.add(
          new Reason(
              "Visits missed",
              course.skipped()
                  + (course.skipped() == 1 ? " visit was" : " visits were")
                  + " skipped or late; what hatched between them has laid again.",
              4));
    }
    reasons.sort(Comparator.comparingInt((Reason r) -> -r.points()));
    return new NotWorking(
        reasons.stream().filter(r -> r.points() > 0).toList(),
        next(pest, course.done(), patient, remedies));
  }

  private static Reason missed(LifeCycle pest, Course course, CountBand counts) {
    boolean fell =
        counts.rows().stream()
            .anyMatch(row -> row.counted() < counts.rows().get(0).counted() / 2.0);
    return new Reason(
        "Missed spots",
        (fell
                ? "Numbers fell and came back: some sat where nothing reached. "
                : "Some sit where little reaches. ")
            + pest.hidden(),
        fell ? 4 : 2);
  }

  private static Reason resistant(Course course, int generation) {
    List<Visit> done = course.done();
    Set<String> worn =
        done.stream()
            .flatMap(v -> v.means().stream())
            .filter(Means::wearsOut)
            .map(Means::group)
            .collect(Collectors.toSet());
    for (String group : worn) {
      List<Integer> days =
          done.stream()
              .filter(v -> v.means().stream().anyMatch(m -> m.group().equals(group)))
              .map(Visit::day)
              .sorted()
              .toList();
      if (days.get(days.size() - 1) - days.get(0) >= generation) {
        return new Reason(
            "Resistance", "Group " + group + " was used for more than one generation.", 5);
      }
    }
    return worn.isEmpty()
        ? new Reason("Resistance", "", 0)
        : new Reason(
            "Resistance", "Some strains bear group " + String.join(", ", worn) + " already.", 2);
  }

  private static Reason again(Course course, CountBand counts) {
    boolean none = counts.rows().stream().anyMatch(row -> !row.first() && row.counted() == 0);
    int points = 0;
    List<String> why = new ArrayList<>();
    if (course.foundOnNeighbours()) {
      points += 4;
      why.add("it was found on a plant that shared its place");
    }
    if (course.carriers()) {
      points += 3;
      why.add("carriers were noted");
    }
    if (!course.apart()) {
      points += 2;
      why.add("the plant does not stand apart");
    }
    if (none) {
      points += 1;
      why.add("there was a look with none before");
    }
    String words = String.join(", ", why);
    return new Reason(
        "Brought in again",
        words.isEmpty()
            ? ""
            : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".",
        points);
  }

  private static Reason wrongName(Course course, CountBand counts) {
    boolean neverFell =
        course.done().size() >= 2
            && counts.rows().stream()
                .skip(1)
                .allMatch(row -> row.counted() >= counts.rows().get(0).counted());
    int points = (neverFell ? 3 : 0) + (course.probability() < 0.6 ? 2 : 0);
    return new Reason(
        "Wrong name",
        neverFell
            ? "Numbers never fell at all; look again with a lens, it may be something else."
            : "The name was not sure when the case was opened; look again.",
        points);
  }

  private static List<Means> next(
      LifeCycle pest, Collection<Visit> done, Patient patient, Remedies remedies) {
    Set<Means> used = done.stream().flatMap(v -> v.means().stream()).collect(Collectors.toSet());
    Set<String> groups =
        used.stream()
            .map(Means::group)
            .filter(group -> !group.equals("none"))
            .collect(Collectors.toSet());
    return remedies.means().stream()
        .filter(m -> !used.contains(m) && !groups.contains(m.group()) && patient.bears(m))
        .filter(m -> best(m, pest) >= HITS)
        .sorted(
            Comparator.comparing(Means::legal)
                .thenComparing(Comparator.comparingDouble((Means m) -> -best(m, pest))))
        .limit(NEXT)
        .toList();
  }

  private static double best(Means means, LifeCycle pest) {
    return pest.stageIds().stream()
        .mapToDouble(stage -> means.kills(pest.id(), stage, pest.placeOf(stage)))
        .max()
        .orElse(0);
  }
}
