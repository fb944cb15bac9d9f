package org.mildlantern.app.journal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Values of plants that were worked out once, each kept for as long as what it was worked out from
 * is the same. Kept in the process for the plants that were asked for last.
 *
 * @param <K> tells what a value was worked out from, for example the newest row of the day book
 */
public final class ByPlant<K, V> {
  private static final int MOST = 40_000;

  private record Kept<K, V>(K from, V value) {}

  private final Map<Long, Kept<K, V>> kept =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Kept<K, V>> eldest) {
          return size() > MOST;
        }
      };

  /** The value of a plant if it was worked out from the same. */
  public synchronized Optional<V> find(Long plant, K from) {
    Kept<K, V> known = kept.get(plant);
    return known != null && known.from().equals(from)
        ? Optional.of(known.value())
        : Optional.empty();
  }

  public synchronized void forget(Long plant) {
    kept.remove(plant);
  }

  public synchronized void keep(Long plant, K from, V value) {
    kept.put(plant, new Kept<>(from, value));
  }

  /**
   * The values of plants.
   *
   * @param from what the value of a plant is worked out from
   * @param work works out the values of those that are not known; may leave plants out
   * @param none stands for a plant that was left out
   */
  public Map<Long, V> all(
      Collection<Long> plants,
      Function<Long, K> from,
      Function<List<Long>, Map<Long, V>> work,
      V none) {
    Map<Long, V> all = new HashMap<>();
    List<Long> unknown = new ArrayList<>();
    for (Long plant : plants) {
      find(plant, from.apply(plant))
          .ifPresentOrElse(value -> all.put(plant, value), () -> unknown.add(plant));
    }
    if (!unknown.isEmpty()) {
      Map<Long, V> fresh = work.apply(unknown);
      for (Long plant : unknown) {
        V value = fresh.getOrDefault(plant, none);
        keep(plant, from.apply(plant), value);
        all.put(plant, value);
      }
    }
    return all;
  }
}
