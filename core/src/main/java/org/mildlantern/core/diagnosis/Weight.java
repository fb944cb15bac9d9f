package org.mildlantern.core.diagnosis;

/**
 * What one reason adds to the odds of a cause.
 *
 * @param key the finding's key, a condition's id, or {@code base}
 * @param decibans positive speaks for the cause, negative against it
 */
public record Weight(Kind kind, String key, String label, double decibans) {

  /** Where the reason comes from. */
  public enum Kind {
    BASE,
    RECORD,
    FINDING,
    RESPONSE
  }
}
