package org.mildlantern.core.away;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The cheapest preparations and visits that bring every plant below the risk that its keeper takes.
 * Cost is minutes, with money turned into them; a plant that nothing brings there costs a great
 * deal for each percent that it stays above, so that it is brought as low as can be.
 *
 * <p>All sets of at most a few visit days are tried, and for each all that can be done to every
 * room; then every plant takes the cheapest of all sets of its means, watered at the visits or not.
 * That is the best there is, as plants do not depend on one another once days and rooms are set.
 *
 * @param visits days of visits, from 1; none where none is worth it
 * @param rooms what is done to each room, in the order in which they were given
 * @param plants in the order in which they were given
 * @param cost in minutes
 */
public record AwayPlan(
    List<Integer> visits, List<List<Means>> rooms, List<OfPlant> plants, double cost) {
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
   * @param room which one it stands in, from 0
   */
  public record Plant(Survival survival, List<Means> means, boolean drinks, int room) {}

  /**
   * What is done for a plant.
   *
   * @param watered whether the visitor waters it
   * @param harm the chance that is left
   */
  public record OfPlant(List<Means> means, boolean watered, double harm, double cost) {}

  /**
   * The best plan.
   *
   * @param rooms for each the means that hold for all plants in it
   */
  public static AwayPlan of(List<Plant> plants, List<List<Means>> rooms, Trip trip) {
    return new Choices(plants, rooms, trip).best();
  }

  /** All that can be chosen for an absence, worked out once for several plans. */
  public static final class Choices {
    private final List<Room> rooms;
    private final int plants;
    private final Trip trip;

    /**
     * @param rooms for each the means that hold for all plants in it
     */
    public Choices(List<Plant> plants, List<List<Means>> rooms, Trip trip) {
      this.rooms = rooms(plants, rooms, trip);
      this.plants = plants.size();
      this.trip = trip;
    }

    public AwayPlan best() {
      AwayPlan best = null;
      for (List<Integer> visits : visits(trip)) {
        AwayPlan plan =
            AwayPlan.with(visits, rooms, plants, trip, best == null ? Double.MAX_VALUE : best.cost);
        best = plan == null ? best : plan;
      }
      return best;
    }

    /** The best with these days of visits. */
    public AwayPlan with(List<Integer> visits) {
      return AwayPlan.with(visits, rooms, plants, trip, Double.MAX_VALUE);
    }
  }

  private static List<Room> rooms(List<Plant> plants, List<List<Means>> rooms, Trip trip) {
    return IntStream.range(0, rooms.size())
        .mapToObj(
            room ->
                new Room(
                    IntStream.range(0, plants.size())
                        .filter(i -> plants.get(i).room() == room)
                        .boxed()
                        .toList(),
                    sets(rooms.get(room)).stream()
                        .map(set -> Way.of(set, room, plants, trip))
                        .toList()))
        .toList();
  }

  /**
   * A room.
   *
   * @param plants which of them stand in it
   */
  private record Room(List<Integer> plants, List<Way> ways) {}

  /** One way to leave a room, with what each of its plants can do there. */
  private record Way(List<Means> set, double cost, List<Options> options) {
    static Way of(List<Means> set, int room, List<Plant> plants, Trip trip) {
      return new Way(
          set,
          AwayPlan.cost(set, trip),
          plants.stream()
              .filter(plant -> plant.room() == room)
              .map(plant -> new Options(plant, set, trip))
              .toList());
    }

    /** Null where it costs as much as what is known already. */
    Left with(List<Integer> visits, double known) {
      double all = cost;
      List<OfPlant> of = new ArrayList<>(options.size());
      for (Options plant : options) {
        OfPlant one = plant.best(visits);
        all += one.cost;
        if (all >= known) {
          return null;
        }
        of.add(one);
      }
      return new Left(set, of, all);
    }
  }

  /** How a room is left. */
  private record Left(List<Means> set, List<OfPlant> plants, double cost) {}

  private static double cost(List<Means> set, Trip trip) {
    return set.stream().mapToDouble(m -> m.minutes() + m.money() * trip.coin).sum();
  }

  private static List<List<Means>> sets(List<Means> means) {
    List<List<Means>> sets = new ArrayList<>();
    for (int bits = 0; bits < 1 << means.size(); bits++) {
      List<Means> set = new ArrayList<>();
      for (int i = 0; i < means.size(); i++) {
        if ((bits >> i & 1) == 1) {
          set.add(means.get(i));
        }
      }
      sets.add(List.copyOf(set));
    }
    return sets;
  }

  /** Null where it costs as much as what is known already. */
  private static AwayPlan with(
      List<Integer> visits, List<Room> rooms, int plants, Trip trip, double known) {
    double cost = visits.size() * trip.visitCost;
    List<List<Means>> done = new ArrayList<>(rooms.size());
    OfPlant[] of = new OfPlant[plants];
    for (Room room : rooms) {
      Left best = null;
      for (Way way : room.ways) {
        Left left = way.with(visits, best == null ? known - cost : best.cost);
        best = left == null ? best : left;
      }
      if (best == null) {
        return null;
      }
      cost += best.cost;
      done.add(best.set);
      for (int i = 0; i < room.plants.size(); i++) {
        of[room.plants.get(i)] = best.plants.get(i);
      }
    }
    return cost >= known ? null : new AwayPlan(visits, done, List.of(of), cost);
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

  /**
   * A set of means of a plant.
   *
   * @param start the chance of harm by days, as it is left
   * @param again the same from a drink at a visit
   */
  private record Option(List<Means> set, double cost, double[] start, double[] again) {

    static Option of(List<Means> set, List<Means> room, Plant plant, Trip trip) {
      boolean full = set.stream().anyMatch(Means::full);
      // What stands elsewhere or under a bag has air of its own.
      boolean shares = set.stream().noneMatch(Means::ownAir);
      double pace =
          Stream.concat(set.stream(), shares ? room.stream() : Stream.empty())
              .mapToDouble(Means::pace)
              .reduce(1, (a, b) -> a * b);
      double extra = set.stream().mapToDouble(Means::days).sum();
      double[] start = new double[trip.days + 1];
      double[] again = new double[trip.days + 1];
      for (int day = 0; day <= trip.days; day++) {
        start[day] = plant.survival().harm(day, full, pace, extra);
        again[day] = plant.survival().harm(day, true, pace, extra);
      }
      return new Option(set, AwayPlan.cost(set, trip), start, again);
    }

    double harm(List<Integer> visits) {
      int days = start.length - 1;
      double well = 1 - start[visits.get(0)];
      for (int i = 0; i < visits.size(); i++) {
        int until = i + 1 < visits.size() ? visits.get(i + 1) : days;
        well *= 1 - again[until - visits.get(i)];
      }
      return 1 - well;
    }
  }

  /** Every set of means of a plant in a room, the cheapest first. */
  private static final class Options {
    private final boolean drinks;
    private final Trip trip;
    private final List<Option> all;
    private final OfPlant alone;

    Options(Plant plant, List<Means> room, Trip trip) {
      this.drinks = plant.drinks();
      this.trip = trip;
      this.all =
          sets(plant.means()).stream()
              .map(set -> Option.of(set, room, plant, trip))
              .sorted(Comparator.comparingDouble(Option::cost))
              .toList();
      OfPlant best = null;
      for (Option option : all) {
        if (best != null && option.cost >= best.cost) {
          break;
        }
        best = cheaper(best, option, false, option.start[trip.days], option.cost);
      }
      this.alone = best;
    }

    private OfPlant cheaper(
        OfPlant than, Option option, boolean watered, double harm, double done) {
      double cost = done + Math.max(0, harm - trip.risk) * 100 * OVER;
      return than == null || cost < than.cost ? new OfPlant(option.set, watered, harm, cost) : than;
    }

    OfPlant best(List<Integer> visits) {
      OfPlant best = alone;
      double drink = DRINK * visits.size();
      if (drinks && !visits.isEmpty()) {
        for (Option option : all) {
          double done = option.cost + drink;
          if (done >= best.cost) {
            break;
          }
          best = cheaper(best, option, true, option.harm(visits), done);
        }
      }
      return best;
    }
  }

  /** What is done to a room, as far as a plant has its air. */
  public List<Means> about(int plant, int room) {
    return plants.get(plant).means.stream().anyMatch(Means::ownAir) ? List.of() : rooms.get(room);
  }

  /** Plants whose chance of harm is above a risk. */
  public long above(double risk) {
    return plants.stream().filter(plant -> plant.harm > risk + 1e-9).count();
  }
}
