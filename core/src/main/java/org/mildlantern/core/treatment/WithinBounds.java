package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.words.Words;

/**
 * Lays a plan out day by day within what labels, handbooks and resistance allow: a means that may
 * not be used on a day is left out of it. What was used on the plant before counts.
 *
 * <p>The bounds of each means stand with it. Besides: two products never go on at one visit; a leaf
 * rests between different sprays; a resistance group is used twice at most and within a generation,
 * and then not for another one (IRAC and FRAC advice), and on so many days of a year in the whole
 * home; so many sprays in a month and in a year are enough (rules of thumb).
 */
public final class WithinBounds {
  /** Days between different sprays on a leaf when nothing else is said. Rule of thumb. */
  static final int NEAR = 3;

  private static final int YEAR = 365;
  private static final int MONTH = 30;
  private static final int SPRAYS_A_MONTH = 6;
  private static final int SPRAYS_A_YEAR = 16;
  private static final int OF_A_GROUP = 2;
  private static final int LONGEST_BLOCK = 21;

  /** Days in a year on which a resistance group may be used anywhere in a home. Rule of thumb. */
  static final int OF_A_GROUP_AT_HOME = 4;

  /**
   * A use of a means.
   *
   * @param day of the course; 0 or below for what was used before it
   */
  public record Use(Means means, int day) {}

  /**
   * What is known of a plant, its home and its keeper's labels.
   *
   * @param earlier what was used on the plant before, on days up to 0
   * @param elsewhere what was used on the other plants of the home
   * @param labels bounds of means of which the keeper's own label is stricter, by id
   * @param tried the first day on which a means may go on the whole plant, one leaf having been
   *     tried with it
   */
  public record Known(
      List<Use> earlier,
      List<Use> elsewhere,
      Map<String, Means.Bounds> labels,
      ToIntFunction<Means> tried) {
    public static final Known NOTHING = new Known(List.of(), List.of(), Map.of(), means -> 0);

    /** The same of a plant on which nothing was tried yet. */
    public Known untried() {
      return new Known(earlier, elsewhere, labels, Means::patchDays);
    }

    Means.Bounds of(Means means) {
      return labels.getOrDefault(means.id(), means.bounds());
    }
  }

  private static final Words WORDS = Words.of(WithinBounds.class);

  /** The bounds of a product in words, for example for the page of a course. */
  public static String words(Means means, Means.Bounds bounds) {
    return WORDS.say(
        "bounds",
        means.label(),
        bounds.leastDays(),
        bounds.mostUses() == null ? 0 : bounds.mostUses(),
        bounds.seasonMost() == null ? 0 : bounds.seasonMost());
  }

  private final double celsius;
  private final int generation;
  private final Known known;
  private final List<Use> uses;

  /**
   * Bounds for a plant.
   *
   * @param generation of the pest in days
   */
  public WithinBounds(double celsius, int generation, Known known) {
    this.celsius = celsius;
    this.generation = generation;
    this.known = known;
    this.uses = new ArrayList<>(known.earlier());
  }

  /** Uses of the wished means what may be used on a day; days come in order. */
  List<Means> use(int day, List<Means> wished) {
    List<Means> used = new ArrayList<>();
    for (Means means : wished) {
      if (allows(means, day) && used.stream().allMatch(other -> together(means, other))) {
        used.add(means);
      }
    }
    used.forEach(means -> uses.add(new Use(means, day)));
    return used;
  }

  private static boolean together(Means one, Means other) {
    return !(one.product() && other.product())
        && !one.bounds().notWith().contains(other.id())
        && !other.bounds().notWith().contains(one.id())
        && gap(one, other) == 0;
  }

  /** Days that must lie between two means. */
  static int gap(Means one, Means other) {
    int gap =
        Math.max(
            one.bounds().gapAfter().getOrDefault(other.id(), 0),
            other.bounds().gapAfter().getOrDefault(one.id(), 0));
    boolean onOneLeaf = one.sprayed() && other.sprayed() && !one.equals(other);
    return onOneLeaf ? Math.max(gap, Math.max(rest(one), rest(other))) : gap;
  }

  private static int rest(Means means) {
    Integer rest = means.bounds().restFromSprays();
    return rest == null ? NEAR : rest;
  }

  /** Whether the means may be used on a day, whatever else is. */
  public boolean allows(Means means, int day) {
    return day >= known.tried().applyAsInt(means)
        && means.worksAt(celsius)
        && oftenEnough(means, day)
        && uses.stream().noneMatch(use -> tooNear(means, day, use))
        && (!means.wearsOut() || groupAllows(means.group(), day) && homeAllows(means.group(), day))
        && (!means.sprayed() || spraysAllow(day));
  }

  private boolean tooNear(Means means, int day, Use use) {
    int since = day - use.day();
    int least = means.equals(use.means()) ? known.of(means).leastDays() : gap(means, use.means());
    boolean killed = means.released() && since < use.means().harmsPredators();
    return since < least || killed;
  }

  private boolean oftenEnough(Means means, int day) {
    Means.Bounds bounds = known.of(means);
    List<Use> ofCourse = uses.subList(known.earlier().size(), uses.size());
    return (bounds.mostUses() == null || count(ofCourse, means) < bounds.mostUses())
        && (bounds.seasonMost() == null
            || count(since(day - YEAR + 1), means) < bounds.seasonMost())
        && (bounds.inRow() == null
            || inRow(days(use -> use.means().equals(means)), day, bounds.inRow().rest())
                < bounds.inRow().most());
  }

  /** How many uses before a day lie with less than a rest between each and the next. */
  static int inRow(List<Integer> days, int day, int rest) {
    int row = 0;
    int next = day;
    for (int i = days.size() - 1; i >= 0 && next - days.get(i) < rest; i--) {
      next = days.get(i);
      row++;
    }
    return row;
  }

  /** Days of some of the uses, the first first. */
  private List<Integer> days(Predicate<Use> which) {
    return uses.stream().filter(which).map(Use::day).sorted().toList();
  }

  private static long count(List<Use> uses, Means means) {
    return uses.stream().filter(use -> use.means().equals(means)).count();
  }

  private List<Use> since(int day) {
    return uses.stream().filter(use -> use.day() >= day).toList();
  }

  private boolean spraysAllow(int day) {
    return sprays(day - MONTH + 1) < SPRAYS_A_MONTH && sprays(day - YEAR + 1) < SPRAYS_A_YEAR;
  }

  private long sprays(int from) {
    return since(from).stream().filter(use -> use.means().sprayed()).count();
  }

  /** A group may go on within its block, and begin a new one a generation after its last use. */
  private boolean groupAllows(String group, int day) {
    List<Integer> days = days(use -> ofGroup(use, group));
    if (days.isEmpty() || day - days.get(days.size() - 1) >= generation) {
      return true;
    }
    int first = days.size() - 1;
    while (first > 0 && days.get(first) - days.get(first - 1) < generation) {
      first--;
    }
    int block = days.get(first);
    return days.size() - first < OF_A_GROUP && day - block < Math.min(generation, LONGEST_BLOCK);
  }

  private static boolean ofGroup(Use use, String group) {
    return use.means().wearsOut() && use.means().group().equals(group);
  }

  /**
   * On another plant it may be used on the same day as on this one: that is one use of the home.
   */
  private boolean homeAllows(String group, int day) {
    return Stream.concat(uses.stream(), known.elsewhere().stream())
            .filter(use -> ofGroup(use, group) && use.day() > day - YEAR && use.day() != day)
            .map(Use::day)
            .distinct()
            .count()
        < OF_A_GROUP_AT_HOME;
  }
}
