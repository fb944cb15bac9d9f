package org.mildlantern.core.said;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Sign;

/**
 * The parts of a plant that a sign can be said of, by the patterns in which it is seen: what is
 * said of buds or roots is no sign of leaves.
 */
final class Parts {
  /** Parts that have signs of their own, with the kinds of part on which those are seen. */
  private static final Map<String, Set<String>> KINDS =
      Map.of(
          "flower", Set.of("flower"),
          "root", Set.of("roots", "aerial-root", "store", "medium"),
          "soil", Set.of("medium", "pot", "around", "roots"),
          "bulb", Set.of("bulb-old", "bulb-new", "store", "stem-base"));

  /** What is seen on these may be said of any part. */
  private static final Set<String> ANY = Set.of("whole", "around", "pot", "joint", "offset");

  private final Map<String, Set<String>> notOf = new HashMap<>();

  Parts(Knowledge knowledge) {
    for (Sign sign : knowledge.signs()) {
      Set<String> kinds = new HashSet<>();
      sign.patterns()
          .forEach(id -> kinds.addAll(knowledge.patterns().find(id).orElseThrow().kinds()));
      Set<String> not = new HashSet<>();
      KINDS.forEach(
          (part, its) -> {
            if (kinds.stream().noneMatch(kind -> ANY.contains(kind) || its.contains(kind))) {
              not.add(part);
            }
          });
      notOf.put(sign.id(), Set.copyOf(not));
    }
  }

  private boolean isNotOf(String sign, String part) {
    return notOf.getOrDefault(sign, Set.of()).contains(part);
  }

  /** Whether words of which each speaks of one of these parts cannot tell the sign. */
  boolean isNotOf(String sign, List<String> parts) {
    return !parts.isEmpty() && parts.stream().allMatch(part -> isNotOf(sign, part));
  }
}
