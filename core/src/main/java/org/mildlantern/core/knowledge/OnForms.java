package org.mildlantern.core.knowledge;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What each growth form can have: its causes, and the nodes that they show, by way of looking. */
final class OnForms {
  private final Knowledge knowledge;
  private final Map<String, Node> nodes;
  private final Map<String, List<Cause>> causes = new LinkedHashMap<>();
  private final Map<String, Set<String>> offered = new LinkedHashMap<>();
  private final Map<String, Map<String, List<Node>>> byCheck = new LinkedHashMap<>();

  /**
   * Prepares all forms.
   *
   * @param nodes of the knowledge, by id
   */
  OnForms(Knowledge knowledge, Map<String, Node> nodes) {
    this.knowledge = knowledge;
    this.nodes = nodes;
    for (GrowthForm form : knowledge.forms()) {
      causes.put(
          form.id(),
          knowledge.causes().stream()
              .filter(cause -> cause.strikes(form) && showsOn(cause, form))
              .toList());
      Set<String> shown = new HashSet<>();
      causes(form).forEach(cause -> shown.addAll(cause.nodes()));
      offered.put(form.id(), shown);
      byCheck.put(form.id(), byCheck(form));
    }
  }

  private boolean showsOn(Cause cause, GrowthForm form) {
    return cause.signs().entrySet().stream()
        .anyMatch(
            e ->
                e.getValue().probability() >= Level.SOMETIMES.probability()
                    && knowledge.occursOn(nodes.get(e.getKey()), form));
  }

  private Map<String, List<Node>> byCheck(GrowthForm form) {
    Map<String, List<Node>> all =
        nodes.values().stream()
            .filter(node -> isOffered(node, form))
            .collect(
                Collectors.groupingBy(
                    node -> node.sign().check(), HashMap::new, Collectors.toList()));
    for (Check check : knowledge.checks()) {
      check.asks().stream()
          .map(nodes::get)
          .filter(node -> isOffered(node, form))
          .forEach(node -> all.computeIfAbsent(check.id(), id -> new ArrayList<>()).add(node));
    }
    return all;
  }

  /** Whether some cause of the form shows it; what none does cannot be there. */
  private boolean isOffered(Node node, GrowthForm form) {
    return knowledge.occursOn(node, form) && offered.get(form.id()).contains(node.id());
  }

  /** The causes that can strike the form and show on it, in the order of the files. */
  List<Cause> causes(GrowthForm form) {
    return causes.get(form.id());
  }

  /** The nodes of a form that one way of looking reveals. */
  List<Node> nodes(GrowthForm form, Check check) {
    return byCheck.get(form.id()).getOrDefault(check.id(), List.of());
  }

  /** The nodes that can be marked on one part of a form. */
  List<Node> nodes(GrowthForm form, Part part) {
    return nodes.values().stream()
        .filter(node -> node.isMarkedOn(part.kind()) && isOffered(node, form))
        .toList();
  }
}
