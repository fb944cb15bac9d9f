package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Verdict;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * A cause with its probability and the reasons, which add up to its posterior odds.
 *
 * @param probability marginal probability; those of all causes may add to more than one
 * @param weights base rate, records, findings and responses, in decibans
 * @param unexplained labels of present findings that this cause does not bring about
 */
public record RankedCause(
    Cause cause, double probability, List<Weight> weights, List<String> unexplained) {
  private static final Words WORDS = Words.of(RankedCause.class);

  /** A finding that raises the odds by less tells nothing of it. In decibans. */
  private static final double SPEAKS = 1;

  /** Of how likely the likeliest is: what is less likely never comes first. Rule of thumb. */
  private static final double WORTH = 0.3;

  private static final double EVEN = 0.5;

  /** A sign that so many plants show without any cause asks for none. Rule of thumb. */
  private static final double COMMON = 0.4;

  /** What it asks of the keeper: where only records speak for it, no more than a look. */
  public Verdict asks() {
    return isSeen() || isNatural() ? cause.verdict() : Verdict.LOOK;
  }

  /** Whether something that was seen speaks for it, and not its base rate and records alone. */
  public boolean isSeen() {
    return speaking().findAny().isPresent();
  }

  private Stream<Weight> speaking() {
    return weights.stream()
        .filter(w -> w.kind() == Weight.Kind.FINDING || w.kind() == Weight.Kind.RESPONSE)
        .filter(w -> w.decibans() >= SPEAKS);
  }

  /**
   * The likeliest first; but what is common and explains nothing of what was seen comes after what
   * does, as long as that is not far less likely, and what is natural comes after a fault that is
   * likelier than not.
   *
   * @param likeliest the probability of the likeliest
   */
  static Comparator<RankedCause> order(double likeliest) {
    return Comparator.comparing(
            (RankedCause one) -> one.explains() && one.probability >= WORTH * likeliest)
        .thenComparing(one -> !one.isNatural() && one.probability > EVEN)
        .thenComparing(RankedCause::probability)
        .reversed();
  }

  boolean isNatural() {
    return cause.verdict() == Verdict.NORMAL;
  }

  /** Whether it is seen by more than what is seen on many plants that are well. */
  boolean explains() {
    return speaking().anyMatch(w -> w.leak() < COMMON);
  }

  /** How the probability comes about, line by line. */
  public Working working() {
    List<Step> steps = new ArrayList<>();
    double sum = 0;
    for (Weight weight : weights) {
      sum += weight.decibans();
      steps.add(
          new Step(
              weight.label(), WORDS.say("db", Decibans.text(weight.decibans())), weight.note()));
    }
    steps.add(
        new Step(
            "Sum",
            WORDS.say("db", Decibans.text(sum)),
            "ten decibans make the odds ten times as great"));
    return new Working(
        cause.label(),
        "log-odds of the cause = base rate + records + findings, summed over every set of up to"
            + " three causes, each finding's part averaged over the order of taking them in",
        steps,
        Decibans.percent(probability),
        "Pearl 1988; Henrion 1989; Good 1950; Aumann & Shapley 1974. Cause: "
            + String.join("; ", cause.sources()));
  }

  /**
   * The reasons for it, strongest first, leaving out the base rate and what is under half a
   * deciban.
   */
  public List<Weight> reasonsFor() {
    return reasons(1);
  }

  /** The reasons against it, strongest first. */
  public List<Weight> reasonsAgainst() {
    return reasons(-1);
  }

  private List<Weight> reasons(int sign) {
    return weights.stream()
        .filter(w -> w.kind() != Weight.Kind.BASE && w.decibans() * sign >= 0.5)
        .sorted(Comparator.comparingDouble(w -> -w.decibans() * sign))
        .toList();
  }
}
