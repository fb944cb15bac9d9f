package org.mildlantern.app.places;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** The order in which a keeper walks places, or the plants of one. */
public final class Walk {
  private Walk() {}

  /**
   * Sets some in an order of their own: they stand where they stood together, and the others stay.
   * Of {@code a b c d} with the order {@code d b} comes {@code a d c b}.
   *
   * @param all as they are walked now
   * @param first id of the one that comes before all, or null
   * @param order ids of those that change places among themselves
   * @return all as they are walked then; empty when an id is not among them
   */
  public static <T> Optional<List<T>> set(
      List<T> all, Function<T, Long> id, Long first, List<Long> order) {
    Map<Long, T> byId = new LinkedHashMap<>();
    all.forEach(one -> byId.put(id.apply(one), one));
    Set<Long> moved = new HashSet<>(order);
    if (!byId.keySet().containsAll(moved) || first != null && !byId.containsKey(first)) {
      return Optional.empty();
    }
    Iterator<Long> next = order.stream().distinct().iterator();
    List<T> walked = new ArrayList<>();
    byId.forEach((key, one) -> walked.add(moved.contains(key) ? byId.get(next.next()) : one));
    if (first != null) {
      walked.remove(byId.get(first));
      walked.add(0, byId.get(first));
    }
    return Optional.of(walked);
  }
}
