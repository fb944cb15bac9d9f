package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Condition;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Level;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Sign;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * Answers questions about plants from the knowledge.
 *
 * <p>Example: on a leafy stem, limp leaves with medium wet two fingers deep rank "Roots kept too
 * wet" first; the same leaves with dust-dry medium rank "Too dry" first.
 */
public final class Diagnostician {
  private static final Words WORDS = Words.of(Diagnostician.class);

  /**
   * What is left unexplained, taken together, is ten times likelier on any such plant than under
   * the causes found: then nothing fits. Rule of thumb.
   */
  private static final double POOR_FIT = -Math.log(10);

  /** A cause that shows something less often than seldom does not explain it. */
  private static final double RARELY = Level.SELDOM.probability() - 1e-9;

  private static final int CHECKS = 5;

  private final Knowledge knowledge;

  public Diagnostician(Knowledge knowledge) {
    this.knowledge = knowledge;
  }

  /**
   * Diagnoses.
   *
   * @throws IllegalArgumentException when a sign, pattern or change is unknown
   */
  public Diagnosis diagnose(Question question) {
    Posterior posterior = posterior(question);
    List<Cause> causes = posterior.causes;
    List<Prior> priors = posterior.priors;
    List<Observation> observations = posterior.observations;
    Network network = posterior.network;
    double[] marginals = posterior.marginals;
    double[][] weights = network.weights();
    double[] before = network.priorMarginals();
    int[] best = network.bestSet();

    List<RankedCause> ranking = new ArrayList<>();
    for (int i = 0; i < causes.size(); i++) {
      ranking.add(ranked(priors.get(i), before[i], marginals[i], weights[i], observations, i));
    }
    ranking.sort(RankedCause.order(Arrays.stream(marginals).max().orElse(0)));

    List<String> unexplained = new ArrayList<>();
    List<Step> fitSteps = new ArrayList<>();
    double fitLog = 0;
    double gap = 0;
    int left = 0;
    int seen = 0;
    for (int f = 0; f < observations.size(); f++) {
      if (observations.get(f).present()) {
        seen++;
        double likelihood = network.likelihoodUnder(best, f);
        double general = network.likelihoodInGeneral(f);
        fitLog += Math.log(likelihood);
        fitSteps.add(
            new Step(
                observations.get(f).label(),
                percentOf(likelihood),
                WORDS.say("general", percentOf(general))));
        boolean listed = lists(ranking.get(0), observations.get(f));
        if (network.explainedShare(f) < 0.5 && !listed) {
          unexplained.add(observations.get(f).key());
        }
        if (likelihood < 2 * observations.get(f).leak() && !listed) {
          left++;
          gap += Math.log(likelihood) - Math.log(general);
        }
      }
    }
    double fit = seen == 0 ? 1 : Math.exp(fitLog / seen);
    return new Diagnosis(
        List.copyOf(ranking),
        Arrays.stream(best).mapToObj(causes::get).toList(),
        new Diagnosis.Fit(
            fit,
            fitWorking(best, causes, fitSteps, fit),
            List.copyOf(unexplained),
            seen > 1 && left * 2 >= seen && gap < POOR_FIT),
        records(causes, posterior.circumstances),
        posterior.nextChecks(CHECKS));
  }

  /**
   * The probabilities alone.
   *
   * @throws IllegalArgumentException when a sign, pattern or change is unknown
   */
  public Posterior posterior(Question question) {
    Kind kind = question.kind();
    Circumstances told =
        question.circumstances().felt(question.findings()).without(looked(question));
    Integer every = told.wateredEvery(kind, question.day(), question.latitude());
    Circumstances circumstances =
        told.derived(
            kind,
            knowledge.bears(
                kind,
                every == null ? 1 : Math.max(1, every),
                told.resting(kind, question.day(), question.latitude())),
            question.day(),
            question.latitude());
    Lore lore = lore(question);
    List<Cause> causes = lore.causes();
    List<Prior> priors =
        causes.stream()
            .map(c -> Prior.of(c, kind, circumstances, question.experience(), knowledge))
            .toList();
    return new Posterior(
        knowledge,
        lore,
        question,
        circumstances,
        priors,
        observations(question, causes, lore, Prior.chances(priors)));
  }

  /** The fields of which the keeper has looked for the same at the plant. */
  private Set<String> looked(Question question) {
    return question.findings().stream()
        .filter(Finding::isSure)
        .flatMap(finding -> knowledge.signs().find(finding.sign()).stream())
        .map(Sign::sameAs)
        .filter(Objects::nonNull)
        .collect(Collectors.toSet());
  }

  /** What is known for the plant as it lives at the stage that was noted. */
  private Lore lore(Question question) {
    String noted = question.circumstances().choices().get("stage");
    return knowledge.lore(
        question.kind(),
        Stage.of(noted == null ? "" : noted).orElse(Stage.GROWTH),
        question.day(),
        question.latitude());
  }

  private List<Observation> observations(
      Question question, List<Cause> causes, Lore lore, double[] prior) {
    Map<String, Map<String, Finding>> byPlace = new TreeMap<>();
    List<Finding> open = new ArrayList<>();
    for (Finding finding : question.findings()) {
      if (knowledge.meant(finding.sign(), finding.pattern()).isEmpty()) {
        throw new IllegalArgumentException("finding: nothing is called '" + finding.key() + "'");
      }
      if (knowledge.openWords().has(finding.sign())) {
        open.add(finding);
      } else {
        byPlace.computeIfAbsent(whole(finding), key -> new TreeMap<>()).put(finding.key(), finding);
      }
    }
    List<Observation> observations = new ArrayList<>();
    byPlace.forEach((whole, found) -> observations.add(heard(whole, found, causes, lore, prior)));
    for (Finding finding : open) {
      List<Node> left = left(finding, question);
      if (!left.isEmpty()) {
        observations.add(
            Observation.of(finding, left, causes, lore, knowledge)
                .heard(finding.sure(), Likelihood.NOTHING, prior));
      }
    }
    question
        .responses()
        .forEach(response -> observations.addAll(Observation.of(response, causes, knowledge)));
    return observations;
  }

  /**
   * The nodes that an open word can still mean; none once one that it can mean was found for sure.
   */
  private List<Node> left(Finding open, Question question) {
    Map<String, Boolean> said = new HashMap<>();
    for (Finding finding : question.findings()) {
      if (finding.isSure() && !knowledge.openWords().has(finding.sign())) {
        knowledge
            .meant(finding.sign(), finding.pattern())
            .forEach(node -> said.merge(node.id(), finding.present(), Boolean::logicalOr));
      }
    }
    List<Node> meant = knowledge.meant(open.sign(), open.pattern());
    boolean found =
        open.present() && meant.stream().anyMatch(node -> said.getOrDefault(node.id(), false));
    return found ? List.of() : meant.stream().filter(node -> !said.containsKey(node.id())).toList();
  }

  /** The key of the sign at its place; that of a trait is the sign it belongs to. */
  private String whole(Finding finding) {
    String of = knowledge.signs().find(finding.sign()).orElseThrow().of();
    return of == null ? finding.key() : new Finding(of, finding.pattern(), finding.present()).key();
  }

  /** What was found of a sign and its traits at one place, as sure as the least sure of it. */
  private Observation heard(
      String whole, Map<String, Finding> found, List<Cause> causes, Lore lore, double[] prior) {
    Observation all = observe(whole, found, causes, lore);
    double sure = found.values().stream().mapToDouble(Finding::sure).min().orElseThrow();
    if (sure == 1) {
      return all;
    }
    Map<String, Finding> surely = new TreeMap<>(found);
    surely.values().removeIf(finding -> !finding.isSure());
    Likelihood without =
        surely.isEmpty() ? Likelihood.NOTHING : observe(whole, surely, causes, lore).likelihood();
    return all.heard(sure, without, prior);
  }

  /** The same, if all of it is sure. */
  private Observation observe(
      String whole, Map<String, Finding> found, List<Cause> causes, Lore lore) {
    Finding sign = found.get(whole);
    List<Finding> traits =
        found.values().stream().filter(finding -> !finding.key().equals(whole)).toList();
    return traits.isEmpty()
        ? Observation.of(
            sign, knowledge.meant(sign.sign(), sign.pattern()), causes, lore, knowledge)
        : Traits.observe(sign, traits, causes, lore, knowledge);
  }

  private RankedCause ranked(
      Prior prior,
      double before,
      double probability,
      double[] nats,
      List<Observation> observations,
      int index) {
    List<Weight> weights = new ArrayList<>();
    double raised = 0;
    for (Prior.Raise raise : prior.raises()) {
      double decibans = Decibans.ofFactor(raise.factor());
      weights.add(new Weight(raise.kind(), raise.id(), raise.label(), decibans));
      raised += decibans;
    }
    double base = Decibans.ofNats(Network.logit(before)) - raised;
    weights.add(
        0, new Weight(Weight.Kind.BASE, "base", WORDS.say("base", percentOf(prior.base())), base));
    Map<String, Weight> byKey = new LinkedHashMap<>();
    List<String> unexplained = new ArrayList<>();
    for (int f = 0; f < nats.length; f++) {
      Observation observation = observations.get(f);
      boolean response = observation.key().startsWith("response:");
      double decibans = Decibans.ofNats(nats[f]);
      byKey.merge(
          observation.key(),
          new Weight(
              response ? Weight.Kind.RESPONSE : Weight.Kind.FINDING,
              observation.key(),
              observation.label(),
              decibans,
              observation.shown()[index],
              observation.leak()),
          (sofar, more) -> sofar.plus(more.decibans()));
      if (!response && observation.present() && observation.shown()[index] < RARELY) {
        unexplained.add(observation.label());
      }
    }
    weights.addAll(byKey.values());
    return new RankedCause(
        prior.cause(), probability, List.copyOf(weights), List.copyOf(unexplained));
  }

  /** Whether the first cause brings about what was seen. */
  private static boolean lists(RankedCause first, Observation seen) {
    return seen.nodes().stream().anyMatch(first.cause().signs()::containsKey);
  }

  private static Working fitWorking(int[] best, List<Cause> causes, List<Step> steps, double fit) {
    String set =
        Arrays.stream(best).mapToObj(i -> causes.get(i).label()).collect(Collectors.joining(", "));
    return new Working(
        "How well it fits",
        WORDS.say("set", set.isEmpty() ? "none" : set),
        steps,
        percentOf(fit),
        WORDS.say("poor"));
  }

  private static String percentOf(double probability) {
    return Decibans.percent(probability);
  }

  private List<RecordNote> records(List<Cause> causes, Circumstances circumstances) {
    List<RecordNote> notes = new ArrayList<>();
    for (Condition condition : knowledge.conditions()) {
      causes.stream()
          .filter(cause -> cause.context().containsKey(condition.id()))
          .filter(cause -> circumstances.chance(condition, cause.id()) > 0)
          .findFirst()
          .ifPresent(
              cause ->
                  notes.add(
                      new RecordNote(
                          condition.id(),
                          circumstances.label(condition, cause.id()),
                          condition.field(),
                          circumstances.value(condition.field()))));
    }
    return List.copyOf(notes);
  }
}
