package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Level;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.words.Words;

/**
 * What was seen at one place of one sign and its traits.
 *
 * @param key the finding's key, or {@code response:change}; several observations may share it
 * @param label what was seen, or that it is not there
 * @param present whether anything was there
 * @param nodes ids of what may be meant
 * @param shown for each cause, how often it alone brings about what was sought
 * @param leak the same without any cause
 */
record Observation(
    String key,
    String label,
    boolean present,
    List<String> nodes,
    Likelihood likelihood,
    double[] shown,
    double leak) {
  private static final Words WORDS = Words.of(Observation.class);

  /** A plant may pick up or go back for reasons of its own. Rule of thumb. */
  private static final Level OWN_ACCORD = Level.SELDOM;

  private static Observation of(
      String key, String label, boolean present, List<String> nodes, double leakNo, double[] no) {
    return new Observation(
        key,
        label,
        present,
        nodes,
        Likelihood.of(present, leakNo, no),
        Arrays.stream(no).map(n -> 1 - n).toArray(),
        1 - leakNo);
  }

  /** A finding that means any of these nodes. */
  static Observation of(
      Finding finding, List<Node> nodes, List<Cause> causes, Lore lore, Knowledge knowledge) {
    Shown shown = Shown.of(nodes, causes, lore, knowledge);
    return of(
        finding.key(),
        label(finding, knowledge),
        finding.present(),
        nodes.stream().map(Node::id).toList(),
        1 - shown.leak(),
        not(shown));
  }

  /** The same, if it may not have been meant; see {@link Likelihood#heard}. */
  Observation heard(double sure, Likelihood without, double[] prior) {
    return sure == 1
        ? this
        : new Observation(
            key, label, present, nodes, likelihood.heard(sure, without, prior), shown, leak);
  }

  private static double[] not(Shown shown) {
    return Arrays.stream(shown.by()).map(chance -> 1 - chance).toArray();
  }

  /** What was sought, or that it is not there. */
  static String label(Finding finding, Knowledge knowledge) {
    String sought = knowledge.label(finding.sign(), finding.pattern());
    String found = finding.present() ? sought : WORDS.say("not-there", sought);
    return finding.isSure() ? found : WORDS.say("unsure", found, Decibans.percent(finding.sure()));
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
        of(
            key,
            label,
            response.outcome() == Response.Outcome.BETTER,
            List.of(),
            1 - better,
            notBetter));
    observations.add(
        of(
            key,
            label,
            response.outcome() == Response.Outcome.WORSE,
            List.of(),
            1 - OWN_ACCORD.probability(),
            notWorse));
    return observations;
  }
}
