package org.mildlantern.core.knowledge;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Finds references between entries that lead nowhere, and senseless combinations. */
final class References {
  private final Knowledge knowledge;
  private final List<String> faults = new ArrayList<>();

  References(Knowledge knowledge) {
    this.knowledge = knowledge;
  }

  List<String> faults() {
    Set<String> formNames = new HashSet<>();
    Set<String> kinds = new HashSet<>();
    for (GrowthForm form : knowledge.forms()) {
      formNames.add(form.id());
      formNames.addAll(form.tags());
      form.parts().forEach(part -> kinds.add(part.kind()));
    }
    for (Pattern pattern : knowledge.patterns()) {
      known("patterns.yaml", pattern.id(), "kinds", pattern.kinds(), kinds);
    }
    for (Sign sign : knowledge.signs()) {
      found("signs.yaml", sign.id(), "patterns", sign.patterns(), knowledge::pattern);
      found("signs.yaml", sign.id(), "check", List.of(sign.check()), knowledge::check);
      known("signs.yaml", sign.id(), "forms", sign.forms(), formNames);
    }
    for (Check check : knowledge.checks()) {
      found("checks.yaml", check.id(), "asks", check.asks(), knowledge::node);
    }
    for (ContextField field : knowledge.fields()) {
      found("context.yaml", field.id(), "from", field.from(), knowledge::field);
    }
    for (Condition condition : knowledge.conditions()) {
      found("context.yaml", condition.id(), "field", List.of(condition.field()), knowledge::field);
    }
    for (Cause cause : knowledge.causes()) {
      String file = "causes";
      found(file, cause.id(), "signs", cause.signs().keySet(), knowledge::node);
      found(file, cause.id(), "context", cause.context().keySet(), knowledge::condition);
      found(file, cause.id(), "change", List.of(cause.change()), knowledge::change);
      found(file, cause.id(), "helped-by", cause.helpedBy(), knowledge::change);
      found(file, cause.id(), "alike", cause.alike().keySet(), knowledge::cause);
      known(file, cause.id(), "forms", cause.forms(), formNames);
      known(file, cause.id(), "not-forms", cause.notForms(), formNames);
      known(file, cause.id(), "rates", cause.rates().keySet(), formNames);
    }
    for (Taxon taxon : knowledge.taxa()) {
      found("taxa", taxon.id(), "form", List.of(taxon.form()), knowledge::form);
      found("taxa", taxon.id(), "prone", taxon.prone().keySet(), knowledge::cause);
      if (taxon.like() != null) {
        found("taxa", taxon.id(), "like", List.of(taxon.like()), knowledge::taxon);
      }
      if (taxon.coldestWished() >= taxon.warmestWished()) {
        faults.add("taxa: " + taxon.id() + ": temperature: least is not below greatest");
      }
    }
    return faults;
  }

  private void found(
      String file,
      String entry,
      String field,
      Collection<String> ids,
      Function<String, ? extends Optional<?>> lookup) {
    for (String id : ids) {
      if (lookup.apply(id).isEmpty()) {
        fault(file, entry, field, id);
      }
    }
  }

  private void known(
      String file, String entry, String field, Collection<String> ids, Set<String> known) {
    for (String id : ids) {
      if (!known.contains(id)) {
        fault(file, entry, field, id);
      }
    }
  }

  private void fault(String file, String entry, String field, String id) {
    faults.add(file + ": " + entry + ": " + field + ": nothing is called '" + id + "'");
  }
}
