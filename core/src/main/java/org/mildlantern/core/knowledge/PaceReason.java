package org.mildlantern.core.knowledge;

import java.util.Map;

/**
 * A reason why a pot draws faster or slower than it did.
 *
 * @param when {@code faster} or {@code slower}
 * @param weight how often it is the reason, against the others
 * @param context what records say for or against it, by condition
 * @param cause what ails the plant when it is so, or null when that is well or has no name
 * @param settle the look that would settle it
 */
public record PaceReason(
    String id,
    String when,
    String label,
    BaseRate weight,
    Map<String, Factor> context,
    String cause,
    String settle) {

  public PaceReason {
    context = Map.copyOf(context);
  }

  public boolean faster() {
    return when.equals("faster");
  }
}
