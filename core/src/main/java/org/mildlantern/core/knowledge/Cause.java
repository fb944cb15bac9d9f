package org.mildlantern.core.knowledge;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

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
 * @param ways the only ways of life, forms or tags in which it occurs; empty for all
 * @param on in what it differs in some ways of life, by way, form or tag
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
    List<String> sources,
    List<String> ways,
    Map<String, Differs> on) {

  public Cause {
    also = also == null ? List.of() : also;
    forms = forms == null ? List.of() : forms;
    notForms = notForms == null ? List.of() : notForms;
    rates = rates == null ? Map.of() : rates;
    context = context == null ? Map.of() : context;
    helpedBy = helpedBy == null ? List.of() : helpedBy;
    hold = hold == null ? List.of() : hold;
    ways = ways == null ? List.of() : ways;
    on = on == null ? Map.of() : on;
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

  /** Ids of the nodes that it shows in some way of life. */
  Set<String> nodes() {
    Set<String> nodes = new LinkedHashSet<>(signs.keySet());
    on.values().stream()
        .filter(differs -> differs.signs() != null)
        .forEach(differs -> nodes.addAll(differs.signs().keySet()));
    return nodes;
  }

  public boolean treatedBy(String changeId) {
    return change.equals(changeId) || helpedBy.contains(changeId);
  }

  /** Whether it can strike a plant that lives so. */
  public boolean strikes(Living living) {
    return strikes(living.form())
        && (ways.isEmpty() || living.isOneOf(ways))
        && !living.pick(on).map(Differs::cannot).orElse(false);
  }

  /**
   * The cause as it is in a way of life: what differs stands in place of what holds in general.
   *
   * @param silent conditions that say nothing there, unless they nearly settle it
   * @param fit the change that is made there instead of one, by id
   */
  Cause in(Living living, List<String> silent, UnaryOperator<String> fit) {
    Differs other = living.pick(on).orElse(null);
    Map<String, Factor> speaking = merged(context, other == null ? null : other.context());
    speaking.entrySet().removeIf(e -> silent.contains(e.getKey()) && !e.getValue().settles());
    Differs d = other == null ? NOTHING : other;
    String first = fit.apply(or(d.change(), change));
    return new Cause(
        id,
        label,
        also,
        family,
        or(d.what(), what),
        forms,
        notForms,
        d.rate() == null ? rateFor(living.form()) : d.rate(),
        Map.of(),
        merged(signs, d.signs()),
        speaking,
        or(d.verdict(), verdict),
        or(d.reversible(), reversible),
        heals,
        worsens,
        or(d.showsDays(), showsDays),
        or(d.recovery(), recovery),
        or(d.better(), better),
        or(d.worse(), worse),
        first,
        helped(first, fit),
        or(d.hold(), hold),
        or(d.never(), never),
        catching,
        or(d.cautions(), cautions),
        alike,
        sources,
        ways,
        Map.of());
  }

  private static final Differs NOTHING =
      new Differs(
          false, null, null, null, null, null, null, null, null, null, null, null, null, null,
          null);

  private static <T> T or(T other, T general) {
    return other == null ? general : other;
  }

  private static <T> Map<String, T> merged(Map<String, T> general, Map<String, T> other) {
    Map<String, T> merged = new LinkedHashMap<>(general);
    if (other != null) {
      merged.putAll(other);
    }
    return merged;
  }

  /** What else treats it there, the change that is first in general among them. */
  private List<String> helped(String first, UnaryOperator<String> fit) {
    return Stream.concat(helpedBy.stream(), Stream.of(change))
        .map(fit)
        .filter(other -> !other.equals(first))
        .distinct()
        .toList();
  }
}
