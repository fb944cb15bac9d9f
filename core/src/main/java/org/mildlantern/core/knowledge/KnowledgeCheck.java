package org.mildlantern.core.knowledge;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.season.Stage;

/** Notes what does not fit together between the tables of what is known. */
final class KnowledgeCheck {
  private final Shelf shelf;
  private final Knowledge knowledge;
  private final Table<GrowthForm> forms;
  private final Table<Pattern> patterns;
  private final Table<Check> checks;
  private final Table<Sign> signs;
  private final Table<OpenWord> openWords;
  private final Table<ContextField> fields;
  private final Table<Condition> conditions;
  private final Table<Change> changes;
  private final Table<Cause> causes;
  private final Table<Usual> usual;
  private final Table<Taxon> taxa;
  private final Table<Toxicity> toxic;

  KnowledgeCheck(Shelf shelf, Knowledge knowledge) {
    this.shelf = shelf;
    this.knowledge = knowledge;
    forms = knowledge.forms();
    patterns = knowledge.patterns();
    checks = knowledge.checks();
    signs = knowledge.signs();
    openWords = knowledge.openWords();
    fields = knowledge.fields();
    conditions = knowledge.conditions();
    changes = knowledge.changes();
    causes = knowledge.causes();
    usual = knowledge.usual();
    taxa = knowledge.taxa();
    toxic = knowledge.toxic();
  }

  void all() {
    Set<String> parts = new HashSet<>();
    Set<String> ids = knowledge.nodes().stream().map(Node::id).collect(Collectors.toSet());
    for (GrowthForm form : forms) {
      form.parts().forEach(part -> parts.add(part.kind()));
      if (!usual.knows(form.id())) {
        shelf.wrong(forms, form.id(), "id", "is missing in usual.yaml");
      }
    }
    usual.forEach(one -> shelf.refers(usual, one.id(), "form", List.of(one.form()), forms));
    for (Pattern pattern : patterns) {
      shelf.named(patterns, pattern.id(), "kinds", pattern.kinds(), parts, "kind of part");
    }
    for (Sign sign : signs) {
      shelf.refers(signs, sign.id(), "patterns", sign.patterns(), patterns);
      shelf.refers(signs, sign.id(), "check", List.of(sign.check()), checks);
      if (sign.sameAs() != null) {
        shelf.refers(signs, sign.id(), "same-as", List.of(sign.sameAs()), fields);
      }
      if (sign.of() != null) {
        shelf.named(
            signs,
            sign.id(),
            "of",
            sign.patterns().stream().map(pattern -> Node.idOf(sign.of(), pattern)).toList(),
            ids,
            "sign at this place");
      }
      knowledge.checkForms(shelf, signs, sign.id(), "forms", sign.forms());
      knowledge.checkForms(shelf, signs, sign.id(), "not-forms", sign.notForms());
      shelf.named(signs, sign.id(), "also-on", sign.alsoOn().keySet(), parts, "kind of part");
      shelf.named(
          signs,
          sign.id(),
          "also-on",
          sign.alsoOn().values(),
          Set.copyOf(sign.patterns()),
          "pattern of it");
    }
    for (OpenWord word : openWords) {
      shelf.refers(openWords, word.id(), "meant", word.meant(), signs);
      if (signs.has(word.id())) {
        shelf.wrong(openWords, word.id(), "id", "is the name of a sign");
      }
      word.meant().stream()
          .filter(id -> signs.find(id).map(Sign::of).isPresent())
          .forEach(id -> shelf.wrong(openWords, word.id(), "meant", id + " is a trait"));
    }
    for (Check check : checks) {
      nodes(checks, check.id(), "asks", check.asks());
    }
    for (ContextField field : fields) {
      shelf.refers(fields, field.id(), "from", field.from(), fields);
    }
    for (Condition condition : conditions) {
      shelf.refers(conditions, condition.id(), "field", List.of(condition.field()), fields);
      conditions.stream()
          .filter(other -> condition.halfOverlaps(other))
          .forEach(
              other ->
                  shelf.wrong(
                      conditions,
                      condition.id(),
                      "field",
                      "can hold together with " + other.id() + " without one holding the other"));
    }
    for (Cause cause : causes) {
      String id = cause.id();
      nodes(causes, id, "signs", cause.signs().keySet());
      for (String node : cause.signs().keySet()) {
        knowledge
            .node(node)
            .flatMap(knowledge::wholeOf)
            .map(Node::id)
            .filter(whole -> !cause.signs().containsKey(whole))
            .ifPresent(
                whole ->
                    shelf.wrong(
                        causes,
                        id,
                        "signs",
                        node + " is a trait of " + whole + ", which is missing"));
      }
      shelf.refers(causes, id, "context", cause.context().keySet(), conditions);
      shelf.refers(causes, id, "change", List.of(cause.change()), changes);
      shelf.refers(causes, id, "helped-by", cause.helpedBy(), changes);
      shelf.refers(causes, id, "alike", cause.alike().keySet(), causes);
      knowledge.checkForms(shelf, causes, id, "forms", cause.forms());
      knowledge.checkForms(shelf, causes, id, "not-forms", cause.notForms());
      knowledge.checkForms(shelf, causes, id, "rates", cause.rates().keySet());
    }
    byWay();
    Set<String> genera = new HashSet<>();
    for (Toxicity one : toxic) {
      for (String genus : one.genera()) {
        if (!genera.add(genus)) {
          shelf.wrong(toxic, one.id(), "genera", genus + " stands twice");
        }
      }
    }
    for (Taxon taxon : taxa) {
      shelf.refers(taxa, taxon.id(), "form", List.of(taxon.form()), forms);
      if (!genera.contains(taxon.genus())) {
        shelf.wrong(taxa, taxon.id(), "name", "its genus is missing in pets.yaml");
      }
      shelf.refers(taxa, taxon.id(), "prone", taxon.prone().keySet(), causes);
      if (taxon.coldestWished() >= taxon.warmestWished()) {
        shelf.wrong(taxa, taxon.id(), "temperature", "least is not below greatest");
      }
    }
  }

  /** What causes, changes and signs say by way of life. */
  private void byWay() {
    for (Sign sign : signs) {
      Set<String> named = new HashSet<>(sign.leaks().keySet());
      sign.patterns().forEach(named::remove);
      knowledge.checkWays(shelf, signs, sign.id(), "leaks", named);
      shelf.refers(signs, sign.id(), "proof-of", sign.proofOf(), causes);
    }
    for (Check check : checks) {
      knowledge.checkWays(shelf, checks, check.id(), "days-on", check.daysOn().keySet());
      knowledge.checkWays(shelf, checks, check.id(), "not-on", check.notOn());
      shelf.refers(checks, check.id(), "between", check.between(), causes);
    }
    for (Change change : changes) {
      String id = change.id();
      knowledge.checkWays(shelf, changes, id, "on", change.on().keySet());
      knowledge.checkWays(shelf, changes, id, "unfit", change.unfit().keySet());
      shelf.refers(changes, id, "unfit", change.unfit().values(), changes);
      if (change.meanwhile() != null) {
        shelf.refers(changes, id, "meanwhile", List.of(change.meanwhile()), changes);
      }
      if (change.hasSeason() != (change.meanwhile() != null)) {
        shelf.wrong(changes, id, "season", "and meanwhile stand together");
      }
    }
    for (Cause cause : causes) {
      String id = cause.id();
      knowledge.checkWays(shelf, causes, id, "on", cause.on().keySet());
      knowledge.checkWays(shelf, causes, id, "ways", cause.ways());
      for (Differs differs : cause.on().values()) {
        if (differs.signs() != null) {
          nodes(causes, id, "on", differs.signs().keySet());
        }
        if (differs.context() != null) {
          shelf.refers(causes, id, "on", differs.context().keySet(), conditions);
        }
        if (differs.change() != null) {
          shelf.refers(causes, id, "on", List.of(differs.change()), changes);
        }
      }
    }
    knowledge.ways().check(shelf, knowledge);
    knowledge.wording().check(shelf, knowledge);
    for (Usual one : usual) {
      forms
          .find(one.form())
          .ifPresent(
              form ->
                  knowledge.ways().check(shelf, usual, one.id(), form, one.habits(), one.way()));
    }
  }

  /** Nodes are missed by their sign or by its pattern, so that each is missed once. */
  private void nodes(Table<?> from, String entry, String field, Collection<String> ids) {
    for (String id : ids) {
      String sign = id.replaceFirst("@.*", "");
      if (!signs.knows(sign)) {
        shelf.missing(from, entry, field, id, "sign “" + sign + "”");
      }
      if (signs.has(sign) && knowledge.node(id).isEmpty()) {
        shelf.missing(
            from,
            entry,
            field,
            id,
            "pattern “" + id.replaceFirst(".*@", "") + "” of sign “" + sign + "”");
      }
    }
  }

  /** Notes causes to which a kind is said to be prone though they cannot strike it. */
  void prone() {
    for (Taxon taxon : taxa) {
      Kind kind = knowledge.kind(taxon);
      for (String cause : taxon.prone().keySet()) {
        boolean strikes =
            knowledge.lore(kind, Stage.GROWTH, false).cause(cause).isPresent()
                || knowledge.lore(kind, Stage.REST, true).cause(cause).isPresent();
        if (!strikes) {
          shelf.wrong(taxa, taxon.id(), "prone", cause + " cannot strike it");
        }
      }
    }
  }
}
