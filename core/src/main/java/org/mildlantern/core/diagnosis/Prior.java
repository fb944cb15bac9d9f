package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Condition;
import org.mildlantern.core.knowledge.Factor;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;

/**
 * The odds of a cause from growth form, taxon, season and records, before any sign is seen. A
 * condition of which it is not sure that it holds counts by its chance.
 */
record Prior(Cause cause, double base, List<Raise> raises, double odds) {
  private static final Words WORDS = Words.of(Prior.class);

  /** One reason that multiplies the odds. */
  record Raise(Weight.Kind kind, String id, String label, double factor) {}

  /**
   * Records often say the same thing twice, so together they raise no cause more. Rule of thumb.
   */
  private static final double MOST_RAISE = 18;

  /** The chance of each cause before any sign is seen. */
  static double[] chances(List<Prior> priors) {
    return priors.stream().mapToDouble(prior -> prior.odds / (1 + prior.odds)).toArray();
  }

  static Prior of(Cause cause, Kind kind, Circumstances circumstances, Knowledge knowledge) {
    return of(cause, kind, circumstances, Experience.NONE, knowledge);
  }

  static Prior of(
      Cause cause,
      Kind kind,
      Circumstances circumstances,
      Experience experience,
      Knowledge knowledge) {
    double base = cause.rateFor(kind.form()).probability();
    List<Raise> raises = new ArrayList<>();
    Factor prone = kind.prone().get(cause.id());
    if (prone != null) {
      raises.add(
          new Raise(Weight.Kind.TAXON, "taxon", WORDS.say("kind", kind.name()), prone.odds()));
    }
    double taught = experience.factor(cause.id());
    if (taught != 1) {
      int times = experience.confirmed().getOrDefault(cause.id(), 0);
      raises.add(
          new Raise(
              Weight.Kind.EXPERIENCE,
              "experience",
              WORDS.say("taught", times, experience.total()),
              taught));
    }
    cause
        .context()
        .forEach(
            (id, factor) -> {
              Condition condition = knowledge.conditions().find(id).orElseThrow();
              double chance = circumstances.chance(condition, cause.id());
              if (chance > 0) {
                raises.add(
                    new Raise(
                        Weight.Kind.RECORD,
                        id,
                        circumstances.label(condition, cause.id()),
                        chance * factor.odds() + 1 - chance));
              }
            });
    double product = raises.stream().mapToDouble(Raise::factor).reduce(1, (a, b) -> a * b);
    if (product > MOST_RAISE) {
      raises.add(
          new Raise(
              Weight.Kind.CAP,
              "cap",
              "held back: what is noted never decides without a look",
              MOST_RAISE / product));
      product = MOST_RAISE;
    }
    double odds = base / (1 - base) * product;
    return new Prior(cause, base, raises, odds);
  }
}
