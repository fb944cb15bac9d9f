package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Causes that share most of their signs must say which check tells them apart. */
class LookAlikesTest {
  /** Shared probability over all probability, from 0 (nothing shared) to 1 (the same signs). */
  private static final double MUCH_ALIKE = 0.33;

  private final Knowledge knowledge = Library.shipped().knowledge();

  @Test
  void everyPairThatLooksMuchAlikeHasASeparatingCheck() {
    Set<String> unseparated = new TreeSet<>();
    for (GrowthForm form : knowledge.forms()) {
      List<Cause> causes = knowledge.causesFor(form);
      for (int i = 0; i < causes.size(); i++) {
        for (int j = 0; j < i; j++) {
          Cause a = causes.get(i);
          Cause b = causes.get(j);
          if (likeness(a, b, form) >= MUCH_ALIKE
              && !a.alike().containsKey(b.id())
              && !b.alike().containsKey(a.id())) {
            unseparated.add(a.id() + " and " + b.id());
          }
        }
      }
    }
    assertThat(unseparated).isEmpty();
  }

  @Test
  void likenessIsOneForTheSameSignsAndNoneForOthers() {
    GrowthForm leafy = knowledge.forms().find("leafy-stem").orElseThrow();
    Cause wet = knowledge.causes().find("too-wet").orElseThrow();
    assertThat(likeness(wet, wet, leafy)).isEqualTo(1);
    assertThat(likeness(wet, knowledge.causes().find("leaf-miners").orElseThrow(), leafy)).isZero();
  }

  private double likeness(Cause a, Cause b, GrowthForm form) {
    double shared = 0;
    double all = 0;
    Set<String> shown = new HashSet<>(a.signs().keySet());
    shown.addAll(b.signs().keySet());
    for (String id : shown) {
      Node node = knowledge.node(id).orElseThrow();
      if (knowledge.occursOn(node, form)) {
        double inA = chance(a.signs(), node);
        double inB = chance(b.signs(), node);
        shared += Math.min(inA, inB);
        all += Math.max(inA, inB);
      }
    }
    return all == 0 ? 0 : shared / all;
  }

  private static double chance(Map<String, Level> signs, Node node) {
    return signs.containsKey(node.id()) ? signs.get(node.id()).probability() : 0;
  }
}
