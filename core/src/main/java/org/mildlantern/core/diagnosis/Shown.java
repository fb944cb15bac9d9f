package org.mildlantern.core.diagnosis;

import java.util.Arrays;
import java.util.List;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Level;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;

/**
 * How often a sign is there, at one place or at any. A trait is there as often as the sign it
 * belongs to, times how often that sign then has it.
 *
 * @param by each cause alone
 * @param leak without any cause
 */
record Shown(double[] by, double leak) {

  /** Of any of these nodes. */
  static Shown of(List<Node> nodes, List<Cause> causes, Lore lore, Knowledge knowledge) {
    double[] by = new double[causes.size()];
    Arrays.fill(by, 1);
    double leakNo = 1;
    for (Node node : nodes) {
      Node whole = knowledge.wholeOf(node).orElse(null);
      leakNo *= 1 - leak(node, whole, lore);
      for (int i = 0; i < by.length; i++) {
        by[i] *= 1 - chance(causes.get(i), node, whole);
      }
    }
    Arrays.setAll(by, i -> 1 - by[i]);
    return new Shown(by, 1 - leakNo);
  }

  /**
   * How often a cause shows a node.
   *
   * @param whole the sign of which it is a trait, or null
   */
  static double chance(Cause cause, Node node, Node whole) {
    double chance = chance(cause, node);
    return whole == null ? chance : chance * chance(cause, whole);
  }

  static double leak(Node node, Node whole, Lore lore) {
    return whole == null ? lore.leak(node) : lore.leak(node) * lore.leak(whole);
  }

  private static double chance(Cause cause, Node node) {
    Level level = cause.signs().get(node.id());
    return level == null ? 0 : level.probability();
  }
}
