package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Check;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * Which look would tell most for its minutes and its stress.
 *
 * <p>For each check the mutual information between its answers and the set of causes (Lindley
 * 1956), over the sets of causes that are still live, divided by its minutes; stress and waiting
 * days are counted as minutes. Answers are independent given the causes, so a check's information
 * is the entropy of its joint answers less their mean entropy given each set. Ahead of them all
 * comes a look that tells apart causes that ask for opposite things, such as a drink and a dry
 * spell.
 */
final class NextChecks {
  private static final Words WORDS = Words.of(NextChecks.class);

  /**
   * A cause is in question when it is at least this likely and explains something that was seen.
   */
  private static final double LIVE = 0.005;

  private static final double CERTAIN = 0.2;

  /** Causes with opposite cures, each at least this likely, are told apart first. Rule of thumb. */
  private static final double OPEN = 0.1;

  private static final int MOST_SETS = 120;
  private static final int MOST_NODES = 4;

  /** Waiting a day weighs as much as three minutes of looking. Rule of thumb. */
  private static final double MINUTES_PER_DAY = 3;

  /** Going to the plant and starting to look. Rule of thumb. */
  private static final double MINUTES_TO_BEGIN = 1;

  private static final String ORDER =
      "expected information ÷ (minutes + stress + waiting, as minutes)";

  private static final double LEAST_BITS = 0.01;

  /** Stages recorded for plants that have nothing to look at in buds and flowers. */
  private static final List<String> FLOWERLESS = Arrays.asList("growth", "rest", "seedling");

  private final Knowledge knowledge;
  private final Lore lore;
  private final GrowthForm form;
  private final List<Cause> causes;
  private final boolean flowers;
  private final Set<String> answered = new HashSet<>();
  private final Set<String> seen = new HashSet<>();
  private int[] live;
  private int[][] sets;
  private double[] weight;

  NextChecks(Knowledge knowledge, Lore lore, Question question, List<Cause> causes) {
    this.knowledge = knowledge;
    this.lore = lore;
    this.form = question.kind().form();
    this.causes = causes;
    this.flowers = !FLOWERLESS.contains(question.circumstances().choices().get("stage"));
    knowledge.nodes().stream()
        .filter(node -> node.sign().sameAs() != null)
        .filter(node -> question.circumstances().knows(node.sign().sameAs()))
        .forEach(node -> answered.add(node.id()));
    for (Finding finding : question.findings()) {
      boolean open = knowledge.openWords().has(finding.sign());
      for (Node node : knowledge.meant(finding.sign(), finding.pattern())) {
        if (finding.isSure() && (!open || !finding.present())) {
          answered.add(node.id());
        }
        if (!open && finding.present()) {
          seen.add(node.id());
        }
      }
    }
  }

  List<NextCheck> best(Network network, double[] odds, double[] marginals, int most) {
    weighSets(network, odds, marginals);
    List<NextCheck> found = new ArrayList<>();
    for (Check any : knowledge.checks()) {
      NextCheck next = any.in(lore.living()).map(this::weigh).orElse(null);
      if (next != null && next.bits() >= LEAST_BITS) {
        found.add(next);
      }
    }
    found.sort(
        Comparator.comparing((NextCheck next) -> !decides(next.check(), marginals))
            .thenComparing(Comparator.comparingDouble(NextCheck::rate).reversed()));
    return List.copyOf(found.subList(0, Math.min(most, found.size())));
  }

  /** Whether it tells apart causes with opposite cures, all of them open. */
  private boolean decides(Check check, double[] marginals) {
    return !check.between().isEmpty()
        && check.between().stream()
            .allMatch(
                id ->
                    IntStream.range(0, marginals.length)
                        .anyMatch(i -> causes.get(i).id().equals(id) && marginals[i] >= OPEN));
  }

  private void weighSets(Network network, double[] odds, double[] marginals) {
    live =
        IntStream.range(0, marginals.length)
            .filter(i -> marginals[i] >= CERTAIN || marginals[i] >= LIVE && network.explainsAny(i))
            .boxed()
            .sorted(Comparator.comparingDouble(i -> -marginals[i]))
            .limit(16)
            .mapToInt(Integer::intValue)
            .toArray();
    int[][] all = setsOf(live);
    double[] raw = new double[all.length];
    for (int s = 0; s < all.length; s++) {
      raw[s] = 1;
      for (int cause : all[s]) {
        raw[s] *= odds[cause];
      }
      for (int f = 0; f < network.observations(); f++) {
        raw[s] *= network.likelihoodUnder(all[s], f);
      }
    }
    Integer[] order = new Integer[all.length];
    Arrays.setAll(order, i -> i);
    Arrays.sort(order, Comparator.comparingDouble(i -> -raw[i]));
    int kept = Math.min(MOST_SETS, order.length);
    sets = new int[kept][];
    weight = new double[kept];
    double sum = 0;
    for (int s = 0; s < kept; s++) {
      sets[s] = all[order[s]];
      weight[s] = raw[order[s]];
      sum += weight[s];
    }
    for (int s = 0; s < kept; s++) {
      weight[s] /= sum;
    }
  }

  /** All subsets with up to three members, the empty set first. */
  private static int[][] setsOf(int[] of) {
    List<int[]> sets = new ArrayList<>();
    sets.add(new int[0]);
    for (int i = 0; i < of.length; i++) {
      sets.add(new int[] {of[i]});
      for (int j = i + 1; j < of.length; j++) {
        sets.add(new int[] {of[i], of[j]});
        for (int k = j + 1; k < of.length; k++) {
          sets.add(new int[] {of[i], of[j], of[k]});
        }
      }
    }
    return sets.toArray(int[][]::new);
  }

  private NextCheck weigh(Check check) {
    record Candidate(Node node, double[] chance, double bits) {}
    List<Candidate> candidates = new ArrayList<>();
    for (Node node : knowledge.nodesOf(form, check)) {
      if (isOpen(node)) {
        double[] chance = chances(node);
        candidates.add(new Candidate(node, chance, information(List.of(chance))));
      }
    }
    if (candidates.isEmpty()) {
      return null;
    }
    candidates.sort(Comparator.comparingDouble(Candidate::bits).reversed());
    List<Candidate> chosen = candidates.stream().limit(MOST_NODES).toList();
    double bits = information(chosen.stream().map(Candidate::chance).toList());
    double minutes =
        MINUTES_TO_BEGIN
            + check.minutes()
            + check.stress().minutes()
            + MINUTES_PER_DAY * check.days();
    return new NextCheck(
        check,
        bits,
        bits / minutes,
        chosen.stream().map(Candidate::node).toList(),
        working(check, bits, minutes));
  }

  /** A trait is asked for once its sign is there. */
  private boolean isOpen(Node node) {
    return !answered.contains(node.id())
        && (flowers || !node.pattern().onFlowersOnly())
        && knowledge.wholeOf(node).map(Node::id).map(seen::contains).orElse(true);
  }

  private double[] chances(Node node) {
    Node whole = knowledge.wholeOf(node).orElse(null);
    double[] chance = chances(node, whole);
    if (whole != null) {
      double[] there = chances(whole, null);
      Arrays.setAll(chance, s -> Math.min(1, chance[s] / there[s]));
    }
    return chance;
  }

  /** For each set how likely the node is there. */
  private double[] chances(Node node, Node whole) {
    double leakNo = 1 - Shown.leak(node, whole, lore);
    double[] no = new double[causes.size()];
    for (int cause : live) {
      no[cause] = 1 - Shown.chance(causes.get(cause), node, whole);
    }
    double[] chance = new double[sets.length];
    for (int s = 0; s < sets.length; s++) {
      double absent = leakNo;
      for (int cause : sets[s]) {
        absent *= no[cause];
      }
      chance[s] = 1 - absent;
    }
    return chance;
  }

  /** Mutual information in bits between the joint answers and the set of causes. */
  private double information(List<double[]> chances) {
    int answers = 1 << chances.size();
    double[] joint = new double[answers];
    double given = 0;
    for (int s = 0; s < sets.length; s++) {
      for (double[] chance : chances) {
        given += weight[s] * (entropy(chance[s]) + entropy(1 - chance[s]));
      }
      for (int a = 0; a < answers; a++) {
        double p = weight[s];
        for (int f = 0; f < chances.size(); f++) {
          p *= (a >> f & 1) == 1 ? chances.get(f)[s] : 1 - chances.get(f)[s];
        }
        joint[a] += p;
      }
    }
    double all = 0;
    for (double p : joint) {
      all += entropy(p);
    }
    return Math.max(0, all - given);
  }

  private static double entropy(double p) {
    return p <= 0 ? 0 : -p * Math.log(p) / Math.log(2);
  }

  private static Working working(Check check, double bits, double minutes) {
    return new Working(
        check.label(),
        check.between().isEmpty() ? ORDER : ORDER + "; " + WORDS.say("first"),
        List.of(
            new Step("Expected information", WORDS.say("bits", bits)),
            new Step(
                "Hands-on time", minutes(MINUTES_TO_BEGIN + check.minutes()), "with one to begin"),
            new Step(
                "Stress",
                minutes(check.stress().minutes()),
                WORDS.say("stress", check.stress().label())),
            new Step(
                "Waiting",
                minutes(MINUTES_PER_DAY * check.days()),
                WORDS.say("waiting", check.days()))),
        WORDS.say("bits-a-minute", bits / minutes),
        "Lindley 1956");
  }

  private static String minutes(double minutes) {
    return WORDS.say("minutes", Decibans.number(minutes));
  }
}
