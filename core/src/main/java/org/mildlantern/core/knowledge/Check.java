package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A way of looking.
 *
 * @param kind look, probe, lift, lens, photo, roots or wait
 * @param minutes hands-on time
 * @param days how long the answer takes; 0 when it is there at once
 * @param asks nodes that it answers besides those of the signs that name it
 * @param daysOn the days where they differ, by way of life, form or tag
 * @param notOn ways of life, forms or tags on which it would harm, or tell nothing
 * @param between causes that ask for opposite things and that it tells apart; while all of them are
 *     open it comes before every other look
 */
public record Check(
    String id,
    String label,
    String how,
    String kind,
    double minutes,
    Stress stress,
    int days,
    List<String> asks,
    Map<String, Integer> daysOn,
    List<String> notOn,
    List<String> between) {

  public Check {
    asks = asks == null ? List.of() : asks;
    daysOn = daysOn == null ? Map.of() : daysOn;
    notOn = notOn == null ? List.of() : notOn;
    between = between == null ? List.of() : between;
  }

  /** The same look with the days that it takes in a way of life; empty where it is not done. */
  public Optional<Check> in(Living living) {
    return living.isOneOf(notOn)
        ? Optional.empty()
        : Optional.of(
            new Check(
                id,
                label,
                how,
                kind,
                minutes,
                stress,
                living.pick(daysOn).orElse(days),
                asks,
                Map.of(),
                List.of(),
                between));
  }

  /** Whether the answer takes days. */
  public boolean waits() {
    return days > 0;
  }
}
