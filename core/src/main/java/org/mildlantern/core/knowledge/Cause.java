package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Map;

/**
 * A reason for signs; normal states are causes like any other.
 *
 * @param signs probability word by node, a node being {@code sign@pattern}
 * @param context odds factor by condition
 * @param rates base rate by form or tag, where it differs from {@code rate}
 * @param heals how often a plant with this cause is better at the look after the right change
 * @param worsens how often it is worse by then if left alone
 * @param showsDays days until a soft leafy plant shows a response
 * @param change the first change to make
 * @param helpedBy other changes that treat it
 * @param alike look-alikes, each with the check that separates it
 */
public record Cause(
    String id,
    String label,
    List<String> also,
    String family,
    String what,
    List<String> forms,
    List<String> notForms,
    BaseRate rate,
    Map<String, BaseRate> rates,
    Map<String, Level> signs,
    Map<String, Factor> context,
    Verdict verdict,
    String reversible,
    Level heals,
    Level worsens,
    int showsDays,
    String recovery,
    String better,
    String worse,
    String change,
    List<String> helpedBy,
    List<Hold> hold,
    String never,
    boolean catching,
    String cautions,
    Map<String, String> alike,
    List<String> sources) {

  public Cause {
    also = also == null ? List.of() : also;
    forms = forms == null ? List.of() : forms;
    notForms = notForms == null ? List.of() : notForms;
    rates = rates == null ? Map.of() : rates;
    context = context == null ? Map.of() : context;
    helpedBy = helpedBy == null ? List.of() : helpedBy;
    hold = hold == null ? List.of() : hold;
  }

  /** Whether this cause can strike plants of the form. */
  public boolean strikes(GrowthForm form) {
    return form.isAmong(forms, notForms);
  }

  /** Base rate for the form: the most specific that the entry gives. */
  public BaseRate rateFor(GrowthForm form) {
    if (rates.containsKey(form.id())) {
      return rates.get(form.id());
    }
    return form.tags().stream().filter(rates::containsKey).map(rates::get).findFirst().orElse(rate);
  }

  public boolean treatedBy(String changeId) {
    return change.equals(changeId) || helpedBy.contains(changeId);
  }
}
