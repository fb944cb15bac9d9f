package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.School;

/**
 * Finds for a school the fewest visits that clear a pest with a wished chance, over intervals of
 * {@value #SHORTEST} to {@value #LONGEST} days and up to {@value #MOST} visits. Among intervals
 * that serve with equally many visits it takes the one with the best chance.
 */
public final class CourseSearch {
  public static final int SHORTEST = 2;
  public static final int LONGEST = 28;
  public static final int MOST = 12;

  /** The chance of clearing at which a course is enough. */
  public static final double ENOUGH = 0.95;

  private final Remedies remedies;

  public CourseSearch(Remedies remedies) {
    this.remedies = remedies;
  }

  /** The school's course against the pest; empty when the school has none to offer. */
  public Optional<Course> find(School school, LifeCycle pest, Outlook outlook) {
    return find(school, pest, outlook, means -> true);
  }

  /**
   * The school's course for a plant that does not bear every means; what it does not bear is left
   * out. Empty when the school has none to offer, or when a visit would have nothing left.
   */
  public Optional<Course> find(
      School school, LifeCycle pest, Outlook outlook, Predicate<Means> bears) {
    School.Pattern whole = school.courses().get(pest.id());
    if (whole == null) {
      return Optional.empty();
    }
    School.Pattern pattern =
        new School.Pattern(
            borne(whole.start(), bears),
            whole.visits().stream().map(visit -> borne(visit, bears)).toList());
    if (pattern.visits().stream().anyMatch(List::isEmpty)) {
      return Optional.empty();
    }
    List<Means> leftOut =
        Stream.concat(whole.start().stream(), whole.visits().stream().flatMap(List::stream))
            .distinct()
            .map(id -> remedies.means().find(id).orElseThrow())
            .filter(bears.negate())
            .toList();
    return Optional.of(find(school, pattern, outlook).without(leftOut));
  }

  private List<String> borne(List<String> ids, Predicate<Means> bears) {
    return ids.stream().filter(id -> bears.test(remedies.means().find(id).orElseThrow())).toList();
  }

  /**
   * More visits at an interval never lower the chance, so the fewest that serve are found by
   * halving, and no more than the fewest found so far are tried.
   */
  private Course find(School school, School.Pattern pattern, Outlook outlook) {
    Course best = null;
    int most = MOST;
    for (int interval = SHORTEST; interval <= LONGEST; interval++) {
      Course course = course(school, pattern, interval, most, outlook);
      if (course.enough()) {
        course = fewest(course, pattern, outlook);
        most = course.visits().size();
      }
      best = best == null || better(course, best) ? course : best;
    }
    return best;
  }

  private Course fewest(Course enough, School.Pattern pattern, Outlook outlook) {
    Course best = enough;
    int tooFew = 0;
    while (best.visits().size() - tooFew > 1) {
      int middle = (best.visits().size() + tooFew) / 2;
      Course tried = course(enough.school(), pattern, enough.interval(), middle, outlook);
      if (tried.enough()) {
        best = tried;
      } else {
        tooFew = middle;
      }
    }
    return best;
  }

  private Course course(
      School school, School.Pattern pattern, int interval, int visits, Outlook outlook) {
    List<Visit> plan = plan(pattern, interval, visits);
    return new Course(school, interval, plan, outlook.chance(plan), List.of());
  }

  private static boolean better(Course one, Course other) {
    if (one.enough() && other.enough() && one.visits().size() != other.visits().size()) {
      return one.visits().size() < other.visits().size();
    }
    return one.chance() > other.chance();
  }

  /** A school's visits at an interval. */
  public List<Visit> plan(School.Pattern pattern, int interval, int visits) {
    return IntStream.range(0, visits)
        .mapToObj(i -> new Visit(i * interval, means(pattern.at(i))))
        .toList();
  }

  private List<Means> means(List<String> ids) {
    List<Means> means = new ArrayList<>();
    ids.forEach(id -> means.add(remedies.means().find(id).orElseThrow()));
    return means;
  }
}
