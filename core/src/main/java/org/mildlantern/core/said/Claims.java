package org.mildlantern.core.said;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;

/** Which words of a text were taken, and by what: a sign, a circumstance, a turn of phrase. */
final class Claims {
  private static final String KIND = "kind";

  private final Map<Integer, String> by = new HashMap<>();

  /**
   * @param kind the words that name the kind of plant
   */
  Claims(Set<Integer> kind) {
    kind.forEach(i -> by.put(i, KIND));
  }

  void take(Match match) {
    match.at().forEach(i -> by.put(i, match.phrase().id()));
  }

  /**
   * Whether one of its words is taken, but for those that several phrases may have; a turn of
   * phrase shares none.
   */
  boolean hold(Match match, IntPredicate shared) {
    return match.at().stream()
        .filter(by::containsKey)
        .anyMatch(i -> !shared.test(i) || by.get(i).equals(Lexicon.IDIOM));
  }

  /** Whether its words are free or taken by what it says itself. */
  boolean allow(Match match) {
    String id = match.phrase().id();
    return match.at().stream().allMatch(i -> by.getOrDefault(i, id).equals(id));
  }

  /** Whether the word before or after it is taken. */
  boolean touch(Match match) {
    return by.containsKey(match.first() - 1) || by.containsKey(match.last() + 1);
  }
}
