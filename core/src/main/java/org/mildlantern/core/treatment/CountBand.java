package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.mildlantern.core.knowledge.LifeCycle;

/**
 * Counts of a pest against what the course lets one expect.
 *
 * <p>The first count says what share of those in sight one finds. From it the forecast gives the
 * expected count of each later look; counts scatter about it as a negative binomial with k =
 * {@value #CLUMPING}, since pests sit in clumps (Taylor 1984; k by rule of thumb). Above nine in
 * ten of that twice in a row, the course does not work.
 *
 * @param share of those in sight that the keeper finds
 */
public record CountBand(double share, List<Row> rows) {
  private static final double CLUMPING = 2;
  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;
  private static final Set<String> OUT_OF_SIGHT = Set.of("tissue", "soil");

  /** A look: days after the course began, and what was counted. */
  public record Count(int day, int counted) {}

  /** A look beside what was expected; the first one sets the scale. */
  public record Row(int day, int counted, double expected, int low, int high, boolean first) {
    public boolean above() {
      return !first && counted > high;
    }

    public boolean below() {
      return !first && counted < low;
    }
  }

  /** Empty rows when nothing was counted yet. */
  public static CountBand of(
      LifeCycle pest, Outlook outlook, Collection<Visit> plan, List<Count> counts) {
    List<Count> inOrder =
        counts.stream()
            .filter(count -> count.day() >= 0)
            .sorted(Comparator.comparingInt(Count::day))
            .dropWhile(count -> count.counted() == 0)
            .toList();
    if (inOrder.isEmpty()) {
      return new CountBand(0, List.of());
    }
    double[][] days = outlook.forecast(plan, inOrder.get(inOrder.size() - 1).day());
    boolean[] seen = inSight(pest);
    Count first = inOrder.get(0);
    double share = Math.min(1, (first.counted() + 0.5) / Math.max(1, sum(days[first.day()], seen)));
    List<Row> rows = new ArrayList<>();
    for (Count count : inOrder) {
      double expected = share * sum(days[count.day()], seen);
      rows.add(
          new Row(
              count.day(),
              count.counted(),
              expected,
              quantile(expected, LOW),
              quantile(expected, HIGH),
              count == first));
    }
    return new CountBand(share, rows);
  }

  /** Whether the last two looks both lay above the band. */
  public boolean notWorking() {
    int size = rows.size();
    return size >= 3 && rows.get(size - 1).above() && rows.get(size - 2).above();
  }

  private static boolean[] inSight(LifeCycle pest) {
    List<String> stages = pest.stageIds();
    boolean[] seen = new boolean[stages.size()];
    boolean any = false;
    for (int s = 0; s < seen.length; s++) {
      seen[s] = !OUT_OF_SIGHT.contains(pest.placeOf(stages.get(s)));
      any |= seen[s];
    }
    if (!any) {
      seen[seen.length - 1] = true;
    }
    return seen;
  }

  private static double sum(double[] stages, boolean[] seen) {
    double sum = 0;
    for (int s = 0; s < seen.length; s++) {
      sum += seen[s] ? stages[s] : 0;
    }
    return sum;
  }

  /** The least count whose cumulative probability reaches the level. */
  static int quantile(double mean, double level) {
    double p = CLUMPING / (CLUMPING + mean);
    double mass = Math.pow(p, CLUMPING);
    double sum = mass;
    int count = 0;
    while (sum < level && count < 1_000_000) {
      mass *= (count + CLUMPING) / (count + 1) * (1 - p);
      sum += mass;
      count++;
    }
    return count;
  }
}
