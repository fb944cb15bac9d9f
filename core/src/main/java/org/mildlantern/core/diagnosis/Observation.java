package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Level;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Sign;
import org.mildlantern.core.words.Words;

/**
 * A node of the network with what was seen of it.
 *
 * @param key the finding's key, or {@code response:change}; several observations may share it
 * @param label what was seen, or that it is not there
 * @param leakNo probability that it is not there when no cause is at work
 * @param no for each cause, the probability that this cause does not bring it about
 */
record Observation(String key, String label, boolean present, double leakNo, double[] no) {
  private static final Words WORDS = Words.of(Observation.class);

  /** A plant may pick up or go back for reasons of its own. Rule of thumb. */
  private static final Level OWN_ACCORD = Level.SELDOM;

  static Observation of(Finding finding, List<Cause> causes, Lore lore, Knowledge knowledge) {
    Sign sign = knowledge.signs().find(finding.sign()).orElseThrow();
    List<String> patterns =
        finding.pattern() == null ? sign.patterns() : List.of(finding.pattern());
    double leakNo = 1;
    for (String pattern : patterns) {
      leakNo *= 1 - lore.leak(knowledge.node(Node.idOf(sign.id(), pattern)).orElseThrow());
    }
    double[] no = new double[causes.size()];
    for (int i = 0; i < no.length; i++) {
      no[i] = 1;
      for (String pattern : patterns) {
        no[i] *= 1 - chance(causes.get(i), Node.idOf(sign.id(), pattern));
      }
    }
    String sought =
        finding.pattern() == null
            ? sign.label()
            : knowledge.node(finding.key()).orElseThrow().label();
    String label = finding.present() ? sought : WORDS.say("not-there", sought);
    return new Observation(finding.key(), label, finding.present(), leakNo, no);
  }

  static double chance(Cause cause, String node) {
    Level level = cause.signs().get(node);
    return level == null ? 0 : level.probability();
  }

  static List<Observation> of(Response response, List<Cause> causes, Knowledge knowledge) {
    Change change = knowledge.changes().find(response.change()).orElseThrow();
    String key = "response:" + change.id();
    String label = WORDS.say("after", response.outcome().name(), change.label());
    double[] notBetter = new double[causes.size()];
    double[] notWorse = new double[causes.size()];
    for (int i = 0; i < causes.size(); i++) {
      Cause cause = causes.get(i);
      boolean treated = cause.treatedBy(change.id());
      double heals = treated ? cause.heals().probability() : 0;
      double worsens = cause.worsens().probability();
      notBetter[i] = 1 - heals * (response.confounded() ? 0.5 : 1);
      notWorse[i] = 1 - (treated ? worsens * (1 - heals) : worsens);
    }
    double better = response.confounded() ? Level.OFTEN.probability() : OWN_ACCORD.probability();
    List<Observation> observations = new ArrayList<>();
    observations.add(
        new Observation(
            key, label, response.outcome() == Response.Outcome.BETTER, 1 - better, notBetter));
    observations.add(
        new Observation(
            key,
            label,
            response.outcome() == Response.Outcome.WORSE,
            1 - OWN_ACCORD.probability(),
            notWorse));
    return observations;
  }
}
