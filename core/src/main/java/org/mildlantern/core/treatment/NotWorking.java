package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.words.Words;

/**
 * Why a course does not work, the likeliest first, and what to change to. The order follows from
 * the records by points; the points are rules of thumb.
 *
 * @param next means of other groups that hit it, the gentlest lawful first
 */
public record NotWorking(List<Reason> reasons, List<Means> next) {
  private static final Words WORDS = Words.of(NotWorking.class);

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
          new Reason("Visits missed", WORDS.say("not-working.skipped", course.skipped()), 4));
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
        WORDS.say("not-working.missed", Words.yes(fell), pest.hidden()),
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
        return new Reason("Resistance", WORDS.say("not-working.group", group), 5);
      }
    }
    return worn.isEmpty()
        ? new Reason("Resistance", "", 0)
        : new Reason("Resistance", WORDS.say("not-working.strains", String.join(", ", worn)), 2);
  }

  private static Reason again(Course course, CountBand counts) {
    boolean none = counts.rows().stream().anyMatch(row -> !row.first() && row.counted() == 0);
    int points = 0;
    List<String> why = new ArrayList<>();
    if (course.foundOnNeighbours()) {
      points += 4;
      why.add(WORDS.say("not-working.again.neighbour"));
    }
    if (course.carriers()) {
      points += 3;
      why.add(WORDS.say("not-working.again.carriers"));
    }
    if (!course.apart()) {
      points += 2;
      why.add(WORDS.say("not-working.again.apart"));
    }
    if (none) {
      points += 1;
      why.add(WORDS.say("not-working.again.none"));
    }
    return new Reason("Brought in again", String.join(" ", why), points);
  }

  private static Reason wrongName(Course course, CountBand counts) {
    boolean neverFell =
        course.done().size() >= 2
            && counts.rows().stream()
                .skip(1)
                .allMatch(row -> row.counted() >= counts.rows().get(0).counted());
    int points = (neverFell ? 3 : 0) + (course.probability() < 0.6 ? 2 : 0);
    return new Reason("Wrong name", WORDS.say("not-working.name", Words.yes(neverFell)), points);
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
