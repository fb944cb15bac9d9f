package org.mildlantern.app.round;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A feature that nurses plants: until they are over it, its own rows stand for the usual ones. */
public interface Nursing {
  /** Plants that are nursed, by id. */
  Map<Long, Until> nursed();

  /**
   * How long the usual care waits.
   *
   * @param drinks the first day of the usual drinks
   * @param feeds the first day on which it may be fed
   */
  record Until(LocalDate drinks, LocalDate feeds) {}

  /** Those of all features. */
  static Map<Long, Until> all(List<Nursing> features) {
    Map<Long, Until> all = new HashMap<>();
    features.forEach(feature -> all.putAll(feature.nursed()));
    return all;
  }
}
