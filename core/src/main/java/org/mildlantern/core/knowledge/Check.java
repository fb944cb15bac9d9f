package org.mildlantern.core.knowledge;

import java.util.List;

/**
 * A way of looking.
 *
 * @param kind look, probe, lift, lens, photo, roots or wait
 * @param minutes hands-on time
 * @param days how long the answer takes; 0 when it is there at once
 * @param asks nodes that it answers besides those of the signs that name it
 */
public record Check(
    String id,
    String label,
    String how,
    String kind,
    double minutes,
    Stress stress,
    int days,
    List<String> asks) {

  public Check {
    asks = asks == null ? List.of() : asks;
  }

  /** Whether the answer takes days. */
  public boolean waits() {
    return days > 0;
  }
}
