package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Taxon;

/** A sign that is proof of its cause proves it alone, on every kind of plant that can show both. */
class HallmarkTest {
  private static final double PROVEN = 0.8;

  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Diagnostician diagnostician = new Diagnostician(knowledge);

  private List<Kind> kinds() {
    Map<String, Kind> kinds = new LinkedHashMap<>();
    for (Taxon taxon : knowledge.taxa()) {
      Kind kind = knowledge.kind(taxon);
      if (kind.prone().isEmpty()) {
        kinds.putIfAbsent(kind.form().id() + kind.way().id(), kind);
      }
    }
    for (GrowthForm form : knowledge.forms()) {
      kinds.putIfAbsent(form.id(), knowledge.kind(form));
    }
    return List.copyOf(kinds.values());
  }

  @Test
  void aSignThatIsProofProvesAlone() {
    List<String> weak = new ArrayList<>();
    int tried = 0;
    for (Kind kind : kinds()) {
      for (Node node : knowledge.nodes()) {
        List<String> causes = node.sign().proofOf();
        if (causes.isEmpty() || !knowledge.occursOn(node, kind.form())) {
          continue;
        }
        double best = -1;
        for (int month : new int[] {1, 4, 7, 10}) {
          best = Math.max(best, proven(kind, node, causes, LocalDate.of(2026, month, 15)));
        }
        if (best >= 0) {
          tried++;
        }
        if (best >= 0 && best < PROVEN) {
          weak.add("%s on %s (%s): %.2f".formatted(node.id(), kind.name(), kind.way().id(), best));
        }
      }
    }
    assertThat(tried).isGreaterThan(500);
    assertThat(weak).isEmpty();
  }

  /** The chance that one of the causes is at work, or -1 when none of them shows the sign here. */
  private double proven(Kind kind, Node node, List<String> causes, LocalDate day) {
    Question question =
        Question.of(kind, day, List.of(Finding.present(node.id())), Circumstances.UNKNOWN);
    double none = 1;
    boolean any = false;
    for (Map.Entry<Cause, Double> one :
        diagnostician.posterior(question).probabilities().entrySet()) {
      if (causes.contains(one.getKey().id()) && one.getKey().signs().containsKey(node.id())) {
        any = true;
        none -= one.getValue();
      }
    }
    return any ? Math.min(1, 1 - none) : -1;
  }
}
