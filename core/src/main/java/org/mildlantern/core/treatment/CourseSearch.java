package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.School;

/**
 * Finds for a school the fewest visits that clear a pest with a wished chance, over intervals of
 * {@value #SHORTEST} to {@value #LONGEST} days and up to {@value #MOST} visits. Among intervals
 * that serve with equally many visits it takes the one with the best chance; where none gives an
 * even chance, that which keeps the pest lowest. No visit holds what may not be used on its day
 * ({@link WithinBounds}); a visit of which nothing is left is none.
 */
public final class CourseSearch {
  public static final int SHORTEST = 2;
  public static final int LONGEST = 28;
  public static final int MOST = 12;

  /** The chance of clearing at which a course is enough. */
  public static final double ENOUGH = 0.95;

  private static final double EVEN = 0.5;

  /** After so many days without a visit a course is over. */
  private static final int PAUSE = 2 * LONGEST;

  private final Remedies remedies;

  public CourseSearch(Remedies remedies) {
    this.remedies = remedies;
  }

  /** The school's course against the pest; empty when the school has none to offer. */
  public Optional<Course> find(School school, LifeCycle pest, Outlook outlook) {
    return find(school, pest, outlook, For.ANY);
  }

  /**
   * The plant that a course is for.
   *
   * @param bears whether it bears a means
   * @param unhurt whether a means does not even mark it, so that it may come first
   * @param known what was used before, and what the keeper's labels say
   */
  public record For(Predicate<Means> bears, Predicate<Means> unhurt, WithinBounds.Known known) {
    static final For ANY = new For(means -> true, means -> true, WithinBounds.Known.NOTHING);
  }

  /**
   * The school's course for a plant that does not bear every means; what it does not bear is left
   * out, and what only hurts it does not come first. Empty when the school has none to offer, or
   * when a visit would have nothing left.
   */
  public Optional<Course> find(School school, LifeCycle pest, Outlook outlook, For plant) {
    Predicate<Means> bears = plant.bears();
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
    return find(school, pattern, outlook, plant).map(course -> course.without(leftOut));
  }

  private List<String> borne(List<String> ids, Predicate<Means> bears) {
    return ids.stream().filter(id -> bears.test(remedies.means().find(id).orElseThrow())).toList();
  }

  /**
   * More visits at an interval never lower the chance, so the fewest that serve are found by
   * halving, and no more than the fewest found so far are tried.
   */
  private Optional<Course> find(School school, School.Pattern pattern, Outlook outlook, For plant) {
    Course best = null;
    int most = MOST;
    for (int interval = SHORTEST; interval <= LONGEST; interval++) {
      List<Visit> plan = plan(pattern, interval, most, outlook, plant);
      if (plan.isEmpty()) {
        continue;
      }
      Course course = course(school, interval, plan, outlook);
      if (course.enough()) {
        course = fewest(course, outlook);
        most = course.visits().size();
      } else {
        Course shorter = course(school, interval, withoutTail(plan), outlook);
        course = better(shorter, course, outlook) ? shorter : course;
      }
      best = best == null || better(course, best, outlook) ? course : best;
    }
    return Optional.ofNullable(best);
  }

  private static Course fewest(Course enough, Outlook outlook) {
    Course best = enough;
    int tooFew = 0;
    while (best.visits().size() - tooFew > 1) {
      int middle = (best.visits().size() + tooFew) / 2;
      List<Visit> plan = enough.visits().subList(0, middle);
      Course tried = course(enough.school(), enough.interval(), plan, outlook);
      if (tried.enough()) {
        best = tried;
      } else {
        tooFew = middle;
      }
    }
    return best;
  }

  private static Course course(School school, int interval, List<Visit> plan, Outlook outlook) {
    return new Course(school, interval, plan, outlook.chance(plan), List.of());
  }

  /**
   * A plan up to the last visit that does more than hang traps and keep to a care: these go on for
   * weeks by themselves.
   */
  private static List<Visit> withoutTail(List<Visit> plan) {
    int last = plan.size();
    while (last > 1 && plan.get(last - 1).means().stream().allMatch(CourseSearch::goesOn)) {
      last--;
    }
    return plan.subList(0, last);
  }

  private static boolean goesOn(Means means) {
    return means.mode().equals("trap") || means.mode().equals("care");
  }

  /** Of two that are more likely to fail than not, the one that keeps the numbers lower. */
  private static boolean better(Course one, Course other, Outlook outlook) {
    if (one.enough() && other.enough() && one.visits().size() != other.visits().size()) {
      return one.visits().size() < other.visits().size();
    }
    return one.chance() < EVEN && other.chance() < EVEN
        ? outlook.kept(one.visits()) < outlook.kept(other.visits())
        : one.chance() > other.chance();
  }

  /**
   * A school's visits at an interval within bounds; a longer plan begins with a shorter one. Where
   * all of the first visit must be tried on a leaf before, it waits for that.
   */
  List<Visit> plan(School.Pattern pattern, int interval, int most, Outlook outlook, For plant) {
    WithinBounds bounds = new WithinBounds(outlook.celsius(), outlook.generation(), plant.known());
    List<Visit> visits = new ArrayList<>();
    int begin =
        means(pattern.at(0)).stream()
            .filter(plant.unhurt())
            .mapToInt(plant.known().tried())
            .min()
            .orElse(0);
    int last = begin;
    for (int turn = 0; begin + turn * interval <= last + PAUSE && visits.size() < most; turn++) {
      int day = begin + turn * interval;
      boolean first = visits.isEmpty();
      List<Means> wished =
          means(pattern.at(turn)).stream().filter(m -> !first || plant.unhurt().test(m)).toList();
      List<Means> used = bounds.use(day, wished);
      if (!used.isEmpty()) {
        last = day;
        visits.add(new Visit(day, used));
      }
    }
    return visits;
  }

  private List<Means> means(List<String> ids) {
    List<Means> means = new ArrayList<>();
    ids.forEach(id -> means.add(remedies.means().find(id).orElseThrow()));
    return means;
  }
}
