package org.mildlantern.core.diagnosis;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Lore;

/**
 * What a question makes of every cause, without the reasons: much cheaper than a whole {@link
 * Diagnosis}.
 */
public final class Posterior {
  private final Knowledge knowledge;
  final Lore lore;
  private final Question question;
  final Circumstances circumstances;
  final List<Cause> causes;
  final List<Prior> priors;
  final List<Observation> observations;
  final Network network;
  final double[] marginals;
  private final double[] odds;

  Posterior(
      Knowledge knowledge,
      Lore lore,
      Question question,
      Circumstances circumstances,
      List<Prior> priors,
      List<Observation> observations) {
    this.knowledge = knowledge;
    this.lore = lore;
    this.question = question;
    this.circumstances = circumstances;
    this.priors = priors;
    this.causes = priors.stream().map(Prior::cause).toList();
    this.observations = observations;
    this.odds = priors.stream().mapToDouble(Prior::odds).toArray();
    boolean[] present = new boolean[observations.size()];
    for (int f = 0; f < present.length; f++) {
      present[f] = observations.get(f).present();
    }
    this.network =
        new Network(odds, observations.stream().map(Observation::likelihood).toList(), present);
    this.marginals = network.marginals();
  }

  /** Marginal probability of each cause that can strike the form. */
  public Map<Cause, Double> probabilities() {
    return byCause(marginals);
  }

  /** Odds of each cause before any finding, from form, kind, season and records. */
  public Map<Cause, Double> priorOdds() {
    return byCause(odds);
  }

  /** Probability of the likeliest cause. */
  public double highest() {
    return Arrays.stream(marginals).max().orElse(0);
  }

  /** The looks that would tell most for their minutes and stress, best first. */
  public List<NextCheck> nextChecks(int most) {
    return new NextChecks(knowledge, lore, question, causes).best(network, odds, marginals, most);
  }

  private Map<Cause, Double> byCause(double[] values) {
    Map<Cause, Double> map = new LinkedHashMap<>();
    for (int i = 0; i < values.length; i++) {
      map.put(causes.get(i), values[i]);
    }
    return map;
  }
}
