package org.mildlantern.core.knowledge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Two causes side by side.
 *
 * @param separating what each says of the check that tells it from the other; may be empty
 * @param rows the signs of either, those that differ most first
 */
public record Comparison(Cause first, Cause second, List<String> separating, List<Row> rows) {

  /** A node with how often each cause shows it; null when a cause says nothing of it. */
  public record Row(Node node, Level first, Level second) {
    double difference() {
      return Math.abs(chance(first) - chance(second));
    }

    /** Whether both show it about as often, so that it does not tell them apart. */
    public boolean shared() {
      return difference() < 0.3;
    }

    private static double chance(Level level) {
      return level == null ? 0 : level.probability();
    }
  }

  public static Comparison of(Cause first, Cause second, Knowledge knowledge) {
    Set<String> nodes = new LinkedHashSet<>(first.signs().keySet());
    nodes.addAll(second.signs().keySet());
    List<Row> rows = new ArrayList<>();
    for (String id : nodes) {
      rows.add(
          new Row(knowledge.node(id).orElseThrow(), first.signs().get(id), second.signs().get(id)));
    }
    rows.sort(Comparator.comparingDouble(Row::difference).reversed());
    List<String> separating = new ArrayList<>();
    addIfThere(separating, first.alike().get(second.id()));
    addIfThere(separating, second.alike().get(first.id()));
    return new Comparison(first, second, List.copyOf(separating), List.copyOf(rows));
  }

  private static void addIfThere(List<String> list, String text) {
    if (text != null) {
      list.add(text);
    }
  }
}
