package org.mildlantern.core.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.knowledge.Factor;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.PaceReason;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * Why a pot draws faster or slower than it did, with odds.
 *
 * <p>Each reason that goes the pot's way has a weight, which the plant's records multiply by their
 * factors; the chances are the weights shared out (Good 1950: weights of evidence multiply odds).
 * Weights and factors are rules of thumb.
 *
 * @param likely the reasons, the likeliest first
 */
public record PaceReasons(List<Likely> likely, Working working) {
  private static final Words WORDS = Words.of(PaceReasons.class);

  /** A reason with its chance, 0 to 1. */
  public record Likely(PaceReason reason, double chance) {}

  /** Empty unless the pot surely draws faster or slower. */
  public static PaceReasons of(
      PaceChange change, Circumstances records, Knowledge knowledge, Media media) {
    List<Likely> weighed = new ArrayList<>();
    List<Step> steps = new ArrayList<>();
    if (change != null && (change.surelyFaster() || change.surelySlower())) {
      for (PaceReason reason : media.reasons()) {
        if (reason.faster() == change.surelyFaster()) {
          double weight = reason.weight().probability();
          List<String> told = new ArrayList<>();
          for (var said : reason.context().entrySet()) {
            var condition = knowledge.conditions().find(said.getKey()).orElseThrow();
            if (records.holds(condition, null)) {
              Factor factor = said.getValue();
              weight *= factor.odds();
              told.add(condition.label() + ": " + factor.word());
            }
          }
          weighed.add(new Likely(reason, weight));
          told.sort(Comparator.naturalOrder());
          steps.add(
              new Step(
                  reason.label(),
                  String.format(Locale.ROOT, "%.3f", weight),
                  WORDS.say(
                      "pace.reason",
                      Words.yes(!told.isEmpty()),
                      reason.weight().word(),
                      String.join("; ", told))));
        }
      }
    }
    double all = weighed.stream().mapToDouble(Likely::chance).sum();
    List<Likely> likely =
        weighed.stream()
            .map(l -> new Likely(l.reason(), l.chance() / all))
            .sorted(Comparator.comparingDouble(Likely::chance).reversed())
            .toList();
    return new PaceReasons(
        likely,
        new Working(
            "Why its pace changed",
            "weight × factors of what the records say, shared out to 100 %",
            steps,
            likely.isEmpty()
                ? "no clear change"
                : WORDS.say(
                    "pace.likely", likely.get(0).reason().label(), 100 * likely.get(0).chance()),
            "Good 1950; weights and factors by rule of thumb"));
  }
}
