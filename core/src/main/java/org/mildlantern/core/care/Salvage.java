package org.mildlantern.core.care;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.load.PlainYaml;

/** What to cut, trim or leave, with which tools, and what comes after. */
public final class Salvage {
  private final List<Rule> rules;

  /**
   * A rule.
   *
   * @param kind cut, trim, leave, tools, bin, seal or after
   * @param causes ids of the causes that it is for; none means all of the families
   */
  public record Rule(
      String kind, List<String> causes, List<String> families, List<String> forms, String text) {

    boolean fits(Cause cause, GrowthForm form) {
      return (causes.isEmpty() || causes.contains(cause.id()))
          && (families.isEmpty() || families.contains(cause.family()))
          && (forms.isEmpty() || form.isOneOf(forms));
    }
  }

  private Salvage(List<Rule> rules) {
    this.rules = rules;
  }

  public static Salvage load() {
    List<Map<String, Object>> entries = PlainYaml.resource("/care/salvage.yaml");
    return new Salvage(entries.stream().map(Salvage::rule).toList());
  }

  private static Rule rule(Map<String, Object> entry) {
    return new Rule(
        (String) entry.get("do"),
        names(entry.get("causes")),
        names(entry.get("families")),
        names(entry.get("forms")),
        (String) entry.get("text"));
  }

  @SuppressWarnings("unchecked")
  private static List<String> names(Object list) {
    return list == null ? List.of() : (List<String>) list;
  }

  public List<Rule> rules() {
    return rules;
  }

  /**
   * The rules of some kinds that fit, in the order of the file. Where a rule names the cause, the
   * rules of its family of the same kind fall silent.
   */
  public List<String> of(Cause cause, GrowthForm form, String... kinds) {
    return Stream.of(kinds).flatMap(kind -> ofKind(cause, form, kind)).toList();
  }

  private Stream<String> ofKind(Cause cause, GrowthForm form, String kind) {
    List<Rule> fitting =
        rules.stream().filter(rule -> rule.kind().equals(kind) && rule.fits(cause, form)).toList();
    boolean named = fitting.stream().anyMatch(rule -> !rule.causes().isEmpty());
    return fitting.stream()
        .filter(rule -> !named || rule.families().isEmpty() || !rule.causes().isEmpty())
        .map(Rule::text);
  }
}
