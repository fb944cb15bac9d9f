package org.mildlantern.core.diagnosis;

import org.mildlantern.core.words.Words;

/**
 * What one reason adds to the odds of a cause.
 *
 * @param key the finding's key, a condition's id, or {@code base}
 * @param decibans positive speaks for the cause, negative against it
 * @param shown for a finding, how often this cause shows the sign; else 0
 * @param leak for a finding, how often it is there without any cause; else 0
 */
public record Weight(
    Kind kind, String key, String label, double decibans, double shown, double leak) {
  private static final Words WORDS = Words.of(Weight.class);

  Weight(Kind kind, String key, String label, double decibans) {
    this(kind, key, label, decibans, 0, 0);
  }

  Weight plus(double more) {
    return new Weight(kind, key, label, decibans + more, shown, leak);
  }

  /** What stands behind the number, in words. */
  String note() {
    return switch (kind) {
      case BASE -> "in plants of this form, adjusted for at most three causes at once";
      case TAXON, EXPERIENCE, CAP, RECORD -> "from the plant's records";
      case RESPONSE -> "how it answered the change";
      case FINDING -> WORDS.say("shown", Decibans.percent(shown), Decibans.percent(leak));
    };
  }

  /** Where the reason comes from. */
  public enum Kind {
    BASE,
    TAXON,
    EXPERIENCE,
    RECORD,
    /** Keeps records from deciding by themselves. */
    CAP,
    FINDING,
    RESPONSE
  }
}
