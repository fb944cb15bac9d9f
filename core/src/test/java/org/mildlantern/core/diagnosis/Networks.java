package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.List;

/** Networks of plain signs. */
final class Networks {
  private Networks() {}

  /**
   * A network.
   *
   * @param no for each observation and cause, the probability that the cause does not show it
   * @param leakNo for each observation, the probability that it is absent without any cause
   */
  static Network of(double[] odds, double[][] no, double[] leakNo, boolean[] present) {
    List<Likelihood> seen = new ArrayList<>();
    for (int f = 0; f < present.length; f++) {
      seen.add(Likelihood.of(present[f], leakNo[f], no[f]));
    }
    return new Network(odds, seen, present);
  }
}
