package org.mildlantern.core.knowledge;

/** A yes-or-no reading of one context field that causes refer to. */
public record Condition(
    String id,
    String label,
    String field,
    Double atLeast,
    Double atMost,
    String is,
    boolean holdsCause) {

  /**
   * Whether the two are ranges of one field that overlap though neither lies in the other: then
   * conditions that should contradict each other could both hold.
   */
  boolean halfOverlaps(Condition other) {
    if (this == other || !field.equals(other.field) || is != null || other.is != null) {
      return false;
    }
    boolean apart = low() > other.high() || other.low() > high();
    return !apart && !within(other) && !other.within(this);
  }

  private boolean within(Condition other) {
    return low() >= other.low() && high() <= other.high();
  }

  private double low() {
    return atLeast == null ? Double.NEGATIVE_INFINITY : atLeast;
  }

  private double high() {
    return atMost == null ? Double.POSITIVE_INFINITY : atMost;
  }
}
