package org.mildlantern.core.away;

import java.util.ArrayList;
import java.util.List;

/**
 * The cheapest preparations and visits that bring every plant below the risk that its keeper takes.
 * Cost is minutes, with money turned into them; a plant that nothing brings there costs a great
 * deal for each percent that it stays above, so that it is brought as low as can be.
 *
 * <p>All sets of at most a few visit days are tried; for each, every plant takes the cheapest of
 * all sets of its means, watered at the visits or not. That is the best there is, as plants do not
 * depend on one another once the days are set.
 *
 * @param visits days of visits, from 1; none where none is worth it
 * @param plants in the order in which they were given
 * @param cost in minutes
 */
public record AwayPlan(List<Integer> visits, List<OfPlant> plants, double cost) {
  /** Minutes that a plant costs for each percent above the risk. */
  private static final double OVER = 5;

  /** Minutes to water a plant at a visit. */
  private static final double DRINK = 1;

  /**
   * What is to be planned.
   *
   * @param days of absence
   * @param risk chance of harm that is taken for each plant, above 0
   * @param visitCost minutes that a visit is worth, the way included
   * @param mostVisits at most 3
   * @param coin minutes that a coin is worth
   */
  public record Trip(int days, double risk, double visitCost, int mostVisits, double coin) {
    public Trip {
      if (days < 1 || days > 60 || !(risk > 0 && risk < 1) || mostVisits < 0 || mostVisits > 3) {
        throw new IllegalArgumentException("1 to 60 days, a risk between 0 and 1, 0 to 3 visits");
      }
    }
  }

  /**
   * A plant.
   *
   * @param means that suit it
   * @param drinks whether it may be watered at a visit; not what rests dry
   */
  public record Plant(Survival survival, List<Means> means, boolean drinks) {}

  /**
   * What is done for a plant.
   *
   * @param watered whether the visitor waters it
   * @param harm the chance that is left
   */
  public record OfPlant(List<Means> means, boolean watered, double harm, double cost) {}

  public static AwayPlan of(List<Plant> plants, Trip trip) {
    List<Options> options = plants.stream().map(plant -> new Options(plant, trip)).toList();
    AwayPlan best = null;
    for (List<Integer> visits : visits(trip)) {
      AwayPlan plan = with(visits, options, trip, best == null ? Double.MAX_VALUE : best.cost);
      if (plan != null) {
        best = plan;
      }
    }
    return best;
  }

  /** The same with the days of visits as they are given. */
  public static AwayPlan of(List<Plant> plants, Trip trip, List<Integer> visits) {
    List<Options> options = plants.stream().map(plant -> new Options(plant, trip)).toList();
    return with(visits, options, trip, Double.MAX_VALUE);
  }

  /** Null where it costs as much as what is known already. */
  private static AwayPlan with(
      List<Integer> visits, List<Options> options, Trip trip, double known) {
    double cost = visits.size() * trip.visitCost;
    List<OfPlant> of = new ArrayList<>(options.size());
    for (Options plant : options) {
      OfPlant one = plant.best(visits);
      cost += one.cost;
      if (cost >= known) {
        return null;
      }
      of.add(one);
    }
    return new AwayPlan(visits, of, cost);
  }

  private static List<List<Integer>> visits(Trip trip) {
    List<List<Integer>> all = new ArrayList<>();
    all.add(List.of());
    int from = 0;
    for (int number = 1; number <= trip.mostVisits; number++) {
      int to = all.size();
      for (int i = from; i < to; i++) {
        List<Integer> shorter = all.get(i);
        int last = shorter.isEmpty() ? 0 : shorter.get(shorter.size() - 1);
        for (int day = last + 1; day < trip.days; day++) {
          List<Integer> longer = new ArrayList<>(shorter);
          longer.add(day);
          all.add(List.copyOf(longer));
        }
      }
      from = to;
    }
    return all;
  }

  /** Every set of means of a plant, with the chance of harm by days. */
  private static final class Options {
    private final Plant plant;
    private final Trip trip;
    private final List<List<Means>> sets = new ArrayList<>();
    private final List<double[]> start = new ArrayList<>();
    private final List<double[]> again = new ArrayList<>();
    private final List<Double> costs = new ArrayList<>();

    Options(Plant plant, Trip trip) {
      this.plant = plant;
      this.trip = trip;
      int number = plant.means().size();
      for (int bits = 0; bits < 1 << number; bits++) {
        List<Means> set = new ArrayList<>();
        for (int i = 0; i < number; i++) {
          if ((bits >> i & 1) == 1) {
            set.add(plant.means().get(i));
          }
        }
        add(List.copyOf(set));
      }
    }

    private void add(List<Means> set) {
      boolean full = set.stream().anyMatch(Means::full);
      double pace = set.stream().mapToDouble(Means::pace).reduce(1, (a, b) -> a * b);
      double extra = set.stream().mapToDouble(Means::days).sum();
      double[] first = new double[trip.days + 1];
      double[] then = new double[trip.days + 1];
      for (int day = 0; day <= trip.days; day++) {
        first[day] = plant.survival().harm(day, full, pace, extra);
        then[day] = plant.survival().harm(day, true, pace, extra);
      }
      sets.add(set);
      start.add(first);
      again.add(then);
      costs.add(set.stream().mapToDouble(m -> m.minutes() + m.money() * trip.coin).sum());
    }

    OfPlant best(List<Integer> visits) {
      OfPlant best = null;
      boolean may = plant.drinks() && !visits.isEmpty();
      for (int set = 0; set < sets.size(); set++) {
        for (int watered = 0; watered <= (may ? 1 : 0); watered++) {
          double harm = watered == 1 ? harm(set, visits) : start.get(set)[trip.days];
          double cost =
              costs.get(set)
                  + watered * DRINK * visits.size()
                  + Math.max(0, harm - trip.risk) * 100 * OVER;
          if (best == null || cost < best.cost) {
            best = new OfPlant(sets.get(set), watered == 1, harm, cost);
          }
        }
      }
      return best;
    }

    private double harm(int set, List<Integer> visits) {
      double well = 1 - start.get(set)[visits.get(0)];
      for (int i = 0; i < visits.size(); i++) {
        int until = i + 1 < visits.size() ? visits.get(i + 1) : trip.days;
        well *= 1 - again.get(set)[until - visits.get(i)];
      }
      return 1 - well;
    }
  }

  /** Plants whose chance of harm is above a risk. */
  public long above(double risk) {
    return plants.stream().filter(plant -> plant.harm > risk + 1e-9).count();
  }
}
