package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Map;

/**
 * Something that can be seen, felt or smelt.
 *
 * @param words what growers call it
 * @param patterns where it can sit; each is a separate node of the network
 * @param forms the forms or tags on which it can occur; empty means all
 * @param notForms the forms or tags on which another sign says the same
 * @param check the way of looking that reveals it
 * @param leak how often it is there for no known reason
 * @param leaks the same where it differs, by pattern, else by way of life, form or tag
 * @param alsoOn patterns that are offered on another kind of part too, by that kind
 * @param of the sign of which it is a trait, such as the ring of a spot, at the same places; its
 *     levels and leaks are then of the plants that show that sign
 * @param sameAs id of the field that says the same, which no longer counts once this was looked
 *     for, or null
 * @param proofOf causes of which it is proof, one or together
 */
public record Sign(
    String id,
    String label,
    String family,
    List<String> words,
    List<String> patterns,
    List<String> forms,
    List<String> notForms,
    String check,
    String swatch,
    Level leak,
    Map<String, Level> leaks,
    Map<String, String> alsoOn,
    String of,
    String sameAs,
    List<String> proofOf) {

  public Sign {
    forms = forms == null ? List.of() : forms;
    notForms = notForms == null ? List.of() : notForms;
    leaks = leaks == null ? Map.of() : leaks;
    alsoOn = alsoOn == null ? Map.of() : alsoOn;
    proofOf = proofOf == null ? List.of() : proofOf;
  }

  /** Whether plants of the form can show it. */
  boolean occursOn(GrowthForm form) {
    return (forms.isEmpty() || form.isOneOf(forms)) && !form.isOneOf(notForms);
  }

  /** How often it is there for no known reason, at one place of a plant that lives so. */
  public Level leak(String pattern, Living living) {
    Level there = leaks.get(pattern);
    return there == null ? living.pick(leaks).orElse(leak) : there;
  }
}
