package org.mildlantern.core.diagnosis;

/**
 * How a plant was at the look after one change.
 *
 * @param change id of the change
 * @param confounded whether something else was changed in the same window, which makes "better" say
 *     little
 */
public record Response(String change, Outcome outcome, boolean confounded) {

  /** Better, same or worse than before the change. */
  public enum Outcome {
    BETTER,
    SAME,
    WORSE
  }
}
