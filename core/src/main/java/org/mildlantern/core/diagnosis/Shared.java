package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Signs that several plants share, and whether the place or the kind is what they have in common.
 *
 * <p>The odds of the sign in the place (or on the kind) over its odds elsewhere, with half a plant
 * added to each count (Haldane 1956; Anscombe 1956), so that few plants say little.
 */
public final class Shared {
  private static final double LEAST_ODDS = 3;

  private Shared() {}

  /**
   * A plant with what was seen on it of late.
   *
   * @param kind the genus, by which plants are alike or not
   * @param signs ids of the signs
   */
  public record Plant(long id, String kind, long place, Set<String> signs) {}

  /**
   * A sign shared by plants of a place or of a kind.
   *
   * @param ofPlace whether it is the place that they share, else the kind
   * @param key the place's id or the kind
   * @param plants ids of the plants that have it, ascending
   * @param odds how many times greater the odds are here than elsewhere
   */
  public record Cluster(
      String sign, boolean ofPlace, String key, List<Long> plants, Others counts, double odds) {
    /**
     * The plants beside those that have it.
     *
     * @param among number of plants in the place or of the kind
     * @param elsewhere number of other plants that have it
     * @param others number of other plants
     */
    public record Others(int among, int elsewhere, int others) {}

    public int among() {
      return counts.among();
    }

    public int elsewhere() {
      return counts.elsewhere();
    }

    public int others() {
      return counts.others();
    }
  }

  /**
   * Clusters in a collection, the most telling first: the same sign on two or more kinds in one
   * place, or on plants of one kind in two or more places.
   */
  public static List<Cluster> clusters(List<Plant> plants) {
    List<Cluster> clusters = new ArrayList<>();
    Set<String> signs = new TreeSet<>();
    plants.forEach(p -> signs.addAll(p.signs()));
    for (String sign : signs) {
      add(clusters, sign, true, plants, p -> Long.toString(p.place()), Plant::kind);
      add(clusters, sign, false, plants, Plant::kind, p -> Long.toString(p.place()));
    }
    clusters.sort(Comparator.comparingDouble(Cluster::odds).reversed());
    return List.copyOf(clusters);
  }

  private static void add(
      List<Cluster> clusters,
      String sign,
      boolean ofPlace,
      List<Plant> plants,
      Function<Plant, String> key,
      Function<Plant, String> other) {
    Predicate<Plant> hasIt = p -> p.signs().contains(sign);
    for (String group : plants.stream().filter(hasIt).map(key).collect(Collectors.toSet())) {
      List<Plant> here = plants.stream().filter(p -> key.apply(p).equals(group)).toList();
      List<Plant> affected = here.stream().filter(hasIt).toList();
      if (affected.stream().map(other).distinct().count() < 2) {
        continue;
      }
      int elsewhere = (int) plants.stream().filter(hasIt).count() - affected.size();
      int others = plants.size() - here.size();
      double odds =
          (affected.size() + 0.5)
              * (others - elsewhere + 0.5)
              / ((here.size() - affected.size() + 0.5) * (elsewhere + 0.5));
      if (odds >= LEAST_ODDS) {
        clusters.add(
            new Cluster(
                sign,
                ofPlace,
                group,
                affected.stream().map(Plant::id).sorted().toList(),
                new Cluster.Others(here.size(), elsewhere, others),
                odds));
      }
    }
  }
}
