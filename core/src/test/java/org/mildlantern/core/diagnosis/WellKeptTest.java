package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Habits;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Stage;

/** A plant that is kept as its kind wishes, and shows nothing, is well. */
class WellKeptTest {
  private static final double MOST = 0.30;

  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Diagnostician diagnostician = new Diagnostician(knowledge);

  @Test
  void noHealthyPlantGetsACauseInAnyMonthOfEitherHemisphere() {
    List<String> wrong = new ArrayList<>();
    for (Taxon taxon : knowledge.taxa()) {
      Kind kind = knowledge.kind(taxon);
      for (double latitude : new double[] {53, -35}) {
        for (int month = 1; month <= 12; month++) {
          LocalDate day = LocalDate.of(2026, month, 15);
          Question question =
              new Question(
                  kind, day, latitude, List.of(), kept(taxon, kind, day, latitude), List.of());
          diagnostician
              .posterior(question)
              .probabilities()
              .forEach(
                  (cause, p) -> {
                    if (p > MOST) {
                      wrong.add("%s in %s: %s %.2f".formatted(taxon.id(), day, cause.id(), p));
                    }
                  });
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  private Circumstances kept(Taxon taxon, Kind kind, LocalDate day, double latitude) {
    boolean resting = kind.restsOn(day, latitude);
    boolean outdoors =
        knowledge.lore(kind, Stage.GROWTH, day, latitude).living().isOneOf(List.of("cold"));
    double warmth =
        resting && kind.habits().rest().nights() != null
            ? (kind.habits().rest().nights().get(0) + kind.habits().rest().nights().get(1)) / 2
            : Math.min(21, (taxon.coldestWished() + taxon.warmestWished()) / 2);
    Map<String, Double> numbers = new HashMap<>();
    numbers.put("temperature", warmth);
    numbers.put("coldest", Math.max(warmth - 4, taxon.coldestWished()));
    numbers.put("warmest", Math.min(warmth + 4, taxon.warmestWished()));
    numbers.put("humidity", Math.min(90, taxon.humidity() + 5));
    numbers.put(
        "days-since-watering", (double) kind.habits().checkDaysOn(day, latitude, resting) / 2);
    numbers.put("days-since-arrival", 400.0);
    numbers.put("days-since-move", 200.0);
    numbers.put("days-since-repot", 300.0);
    numbers.put("medium-age", 10.0);
    numbers.put("medium-life", 30.0);
    Map<String, String> choices = new HashMap<>();
    choices.put("place-light", taxon.light());
    choices.put("place-kind", outdoors ? "outdoor" : "indoor");
    choices.put("water-used", kind.shyOf(Habits.Shy.SALTS) ? "rain" : "tap");
    choices.put("stage", resting ? "rest" : "growth");
    choices.put("last-moisture", resting ? "dry" : "damp");
    choices.put("holes", "yes");
    return new Circumstances(numbers, choices, Set.of());
  }
}
