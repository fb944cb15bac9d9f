package org.mildlantern.core.knowledge;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.season.Months;
import org.mildlantern.core.season.Stage;

/** What is known for one way of life: its causes as they are there, and what to do about them. */
public final class Lore {
  /** So often one change may point to another. */
  private static final int MOST_TURNS = 5;

  private static final String AFTER_BLOOM = "once it has flowered";

  private final Knowledge knowledge;
  private final Living living;
  private final Map<String, Cause> causes = new LinkedHashMap<>();
  private final Set<String> offered = new HashSet<>();
  private final Map<String, Double> leaks = new LinkedHashMap<>();

  /** How all kinds live at all stages, each way on each growth form once. */
  static List<Lore> all(Knowledge knowledge) {
    Map<String, Lore> all = new LinkedHashMap<>();
    List<Kind> kinds = new ArrayList<>();
    knowledge.taxa().forEach(taxon -> kinds.add(knowledge.kind(taxon)));
    knowledge.usual().forEach(one -> kinds.add(knowledge.kind(one)));
    for (Kind kind : kinds) {
      for (Lore one :
          List.of(
              knowledge.lore(kind, Stage.GROWTH, false),
              knowledge.lore(kind, Stage.REST, true),
              knowledge.lore(kind, Stage.SEEDLING, false))) {
        all.putIfAbsent(one.living().key(), one);
      }
    }
    return List.copyOf(all.values());
  }

  Lore(Knowledge knowledge, Living living) {
    this.knowledge = knowledge;
    this.living = living;
    List<String> silent = knowledge.ways().silentOn(living);
    striking(living).forEach(cause -> causes.put(cause.id(), cause.in(living, silent, this::fit)));
    Stream.concat(striking(living), striking(living.growing()))
        .forEach(cause -> offered.addAll(cause.nodes()));
    for (Node node : knowledge.nodes()) {
      Level leak = node.sign().leak(node.pattern().id(), living);
      leaks.put(node.id(), leak.probability());
    }
  }

  /** The causes that can strike a plant that lives so, as they are in general. */
  private Stream<Cause> striking(Living lives) {
    Set<String> spared = knowledge.ways().sparedOf(lives);
    return knowledge.causesFor(lives.form()).stream()
        .filter(cause -> cause.strikes(lives) && !spared.contains(cause.id()));
  }

  public Living living() {
    return living;
  }

  /** The causes that can strike, as they are here. */
  public List<Cause> causes() {
    return List.copyOf(causes.values());
  }

  /** The cause as it is here; empty when it cannot occur. */
  public Optional<Cause> cause(String id) {
    return Optional.ofNullable(causes.get(id));
  }

  /** What can be marked on a part: what some cause shows here, or would in growth. */
  public List<Node> nodesOn(Part part) {
    return knowledge.nodesOn(living.form(), part).stream()
        .filter(node -> offered.contains(node.id()))
        .toList();
  }

  /** How often the node is there on a plant that is well. */
  public double leak(Node node) {
    return leaks.get(node.id());
  }

  /**
   * What to do about a cause on a day. A cause that cannot occur here, as one of an old case may
   * not, is advised on as in general.
   *
   * @param latitude degrees, north positive
   */
  public Advice advice(Cause cause, LocalDate day, double latitude) {
    return advice(cause, first(cause), day, latitude);
  }

  /** The change that is made first here about a cause, in its season. */
  public Change first(Cause cause) {
    Cause here = causes.getOrDefault(cause.id(), cause);
    return knowledge.changes().find(here.change()).orElseThrow();
  }

  /** The same for a plant in bud or flower: nothing is done that would cost it the flowers. */
  public Advice adviceInBloom(Cause cause, Change wanted, LocalDate day, double latitude) {
    Change change = fit(wanted);
    return change.season() == null || !mayBeDone(change, day, latitude)
        ? advice(cause, wanted, day, latitude)
        : waiting(cause, change, null, AFTER_BLOOM);
  }

  /** The same with another change than the first, or with what is done here instead of it. */
  public Advice advice(Cause cause, Change wanted, LocalDate day, double latitude) {
    Change change = fit(wanted);
    if (mayBeDone(change, day, latitude)) {
      Cause here = causes.getOrDefault(cause.id(), cause);
      return new Advice(here, change, change.how(living), here.hold(), null);
    }
    String cue = change.season() == null ? null : rootTimes().cue();
    return waiting(cause, change, months(change).next(day, latitude), cue);
  }

  private Advice waiting(Cause cause, Change change, LocalDate from, String cue) {
    Cause here = causes.getOrDefault(cause.id(), cause);
    Change now = fit(knowledge.changes().find(change.meanwhile()).orElseThrow());
    return new Advice(
        here,
        now,
        now.how(living),
        here.hold(),
        new Advice.Later(change, change.how(living), from, cue));
  }

  private boolean mayBeDone(Change change, LocalDate day, double latitude) {
    Months months = months(change);
    return months == null || months.contain(day, latitude);
  }

  private String fit(String change) {
    return fit(knowledge.changes().find(change).orElseThrow()).id();
  }

  /**
   * The change, or what is done here instead of it.
   *
   * @throws IllegalStateException if the changes send each other round
   */
  public Change fit(Change change) {
    Change fit = change;
    for (int turns = 0; unfit(fit); turns++) {
      if (turns == MOST_TURNS) {
        throw new IllegalStateException(
            change.id()
                + ": nothing is fit for "
                + living.now().id()
                + " on "
                + living.form().id());
      }
      fit = knowledge.changes().find(living.pick(fit.unfit()).orElseThrow()).orElseThrow();
    }
    return fit;
  }

  /** Whether the change is one that must not be used here. */
  public boolean unfit(Change change) {
    return living.pick(change.unfit()).isPresent();
  }

  /** The months in which alone the change is made here, or null for any. */
  private Months months(Change change) {
    return change.season() == null
        ? living.pick(change.months()).orElse(null)
        : rootTimes().repot();
  }

  /** The way that says when roots may be disturbed: that of the stage where it says so. */
  private Way rootTimes() {
    return living.now().repot() == null ? living.base() : living.now();
  }
}
