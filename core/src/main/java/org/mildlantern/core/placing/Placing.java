package org.mildlantern.core.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jgrapht.alg.flow.mincost.CapacityScalingMinimumCostFlow;
import org.jgrapht.alg.flow.mincost.MinimumCostFlowProblem.MinimumCostFlowProblemImpl;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;

/**
 * The moves that bring plants nearest to what they wish, as a flow of least cost from plants to
 * stands. A move is made only where it gains more than moving costs, so that none may be worth it.
 *
 * <p>Example: a <i>Laelia</i> on a dim shelf and a <i>Masdevallia</i> on a sunny sill that holds
 * one change places; two that do equally well stay.
 */
public final class Placing {
  /** Points that a move must gain. Rule of thumb. */
  private static final double MOVE = 0.6;

  private static final double MOVE_IN_FLOWER = 1.8;

  /** Ways from plants to stands that are weighed at most; those that stand worst go first. */
  private static final int MOST_WAYS = 40_000;

  private Placing() {}

  /**
   * A move.
   *
   * @param before how far the plant is from its wishes now
   */
  public record Move(Guest guest, Stand from, Stand to, Misfit before, Misfit after) {
    public double gain() {
      return before.points() - after.points();
    }
  }

  /**
   * The best moves, those that gain most first; those that only make room stand where they fall.
   */
  public static List<Move> best(List<Guest> guests, List<Stand> stands) {
    Map<Long, Stand> byId =
        stands.stream().collect(Collectors.toMap(Stand::id, Function.identity()));
    Map<Long, Integer> room = new HashMap<>();
    stands.forEach(stand -> room.put(stand.id(), stand.holds()));
    List<Guest> free = new ArrayList<>();
    Map<Long, Integer> here = new HashMap<>();
    for (Guest guest : guests) {
      if (mayMove(guest, byId.get(guest.at()))) {
        free.add(guest);
        here.merge(guest.at(), 1, Integer::sum);
      } else if (byId.containsKey(guest.at())) {
        room.merge(guest.at(), -1, Integer::sum);
      }
    }
    List<Guest> worst = worst(free, stands, byId);
    free.removeAll(Set.copyOf(worst));
    free.forEach(
        stays -> {
          room.merge(stays.at(), -1, Integer::sum);
          here.merge(stays.at(), -1, Integer::sum);
        });
    // Who stands there now finds room, however full it is.
    here.forEach((id, now) -> room.merge(id, now, Math::max));
    return worst.isEmpty() ? List.of() : moves(worst, stands, byId, room);
  }

  /** Those that stand worst, as many as can be weighed at once. */
  private static List<Guest> worst(List<Guest> free, List<Stand> stands, Map<Long, Stand> byId) {
    int most = Math.max(1, MOST_WAYS / Math.max(1, stands.size()));
    if (free.size() <= most) {
      return List.copyOf(free);
    }
    return free.stream()
        .sorted(
            Comparator.comparingDouble(guest -> -Misfit.of(guest, byId.get(guest.at())).points()))
        .limit(most)
        .toList();
  }

  private static boolean mayMove(Guest guest, Stand at) {
    return guest.moving() != Guest.Moving.STAYS && at != null && !at.apart();
  }

  private static List<Move> moves(
      List<Guest> guests, List<Stand> stands, Map<Long, Stand> byId, Map<Long, Integer> room) {
    SimpleDirectedWeightedGraph<Object, DefaultWeightedEdge> graph =
        new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
    Object home = new Object();
    graph.addVertex(home);
    Map<DefaultWeightedEdge, Integer> most = new HashMap<>();
    for (Stand stand : stands) {
      int holds = room.get(stand.id());
      if (!stand.apart() && holds > 0) {
        graph.addVertex(stand);
        most.put(graph.addEdge(stand, home), holds);
      }
    }
    for (Guest guest : guests) {
      graph.addVertex(guest);
      for (Stand stand : stands) {
        if (graph.containsVertex(stand)) {
          DefaultWeightedEdge way = graph.addEdge(guest, stand);
          graph.setEdgeWeight(way, Misfit.of(guest, stand).points() + moving(guest, stand));
          most.put(way, 1);
        }
      }
    }
    Map<DefaultWeightedEdge, Double> flow =
        new CapacityScalingMinimumCostFlow<Object, DefaultWeightedEdge>()
            .getMinimumCostFlow(
                new MinimumCostFlowProblemImpl<>(
                    graph,
                    vertex -> vertex instanceof Guest ? 1 : vertex == home ? -guests.size() : 0,
                    most::get))
            .getFlowMap();
    List<Move> moves = new ArrayList<>();
    flow.forEach(
        (way, one) -> {
          if (one > 0.5 && graph.getEdgeSource(way) instanceof Guest guest) {
            Stand to = (Stand) graph.getEdgeTarget(way);
            if (to.id() != guest.at()) {
              Stand from = byId.get(guest.at());
              moves.add(new Move(guest, from, to, Misfit.of(guest, from), Misfit.of(guest, to)));
            }
          }
        });
    moves.sort(
        Comparator.comparingDouble(Move::gain)
            .reversed()
            .thenComparingLong(move -> move.guest().id()));
    return List.copyOf(moves);
  }

  private static double moving(Guest guest, Stand stand) {
    if (stand.id() == guest.at()) {
      return 0;
    }
    return guest.moving() == Guest.Moving.IN_FLOWER ? MOVE_IN_FLOWER : MOVE;
  }
}
