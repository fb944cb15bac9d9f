package org.mildlantern.core.diagnosis;

import java.util.Comparator;
import java.util.List;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.working.Working;

/**
 * A cause with its probability and the reasons, which add up to its posterior odds.
 *
 * @param probability marginal probability; those of all causes may add to more than one
 * @param weights base rate, records, findings and responses, in decibans
 * @param unexplained labels of present findings that this cause does not bring about
 */
public record RankedCause(
    Cause cause,
    double probability,
    List<Weight> weights,
    List<String> unexplained,
    Working working) {

  /**
   * The reasons for it, strongest first, leaving out the base rate and what is under half a
   * deciban.
   */
  public List<Weight> reasonsFor() {
    return reasons(1);
  }

  /** The reasons against it, strongest first. */
  public List<Weight> reasonsAgainst() {
    return reasons(-1);
  }

  private List<Weight> reasons(int sign) {
    return weights.stream()
        .filter(w -> w.kind() != Weight.Kind.BASE && w.decibans() * sign >= 0.5)
        .sorted(Comparator.comparingDouble(w -> -w.decibans() * sign))
        .toList();
  }
}
