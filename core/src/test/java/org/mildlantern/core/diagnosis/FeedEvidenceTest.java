package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Library;

/** What is known of feed and water moves the causes that it speaks of, and no others. */
class FeedEvidenceTest {
  private static final LocalDate JUNE = LocalDate.of(2026, 6, 15);

  private final Diagnostician diagnostician = new Diagnostician(Library.shipped().knowledge());

  private Map<String, Double> odds(String kind, Circumstances circumstances) {
    Map<String, Double> odds = new HashMap<>();
    diagnostician
        .posterior(Question.of(Kinds.taxon(kind), JUNE, List.of(), circumstances))
        .priorOdds()
        .forEach((cause, chance) -> odds.put(cause.id(), chance));
    return odds;
  }

  @ParameterizedTest
  @CsvSource({
    "goeppertia-makoyana, pore-ec, 3, salt-build-up, ''",
    "drosera-capensis, pore-ec, 0.9, mineral-burn, salt-build-up",
    "goeppertia-makoyana, water-alkalinity, 260, iron-shortage, hard-water manganese-shortage",
    "citrus, water-alkalinity, 20, iron-shortage, hard-water manganese-shortage",
    "ficus-microcarpa, water-sodium, 180, softened-water, salt-build-up",
    "ficus-microcarpa, nitrogen-mean, 1, nitrogen-hunger, too-much-nitrogen",
    "ficus-microcarpa, nitrogen-mean, 400, too-much-nitrogen, nitrogen-hunger",
    "ficus-microcarpa, calcium-mean, 4, calcium-shortage, ''",
    "ficus-microcarpa, calcium-mean, 80, calcium-shortage, ''",
    "ficus-microcarpa, magnesium-mean, 1, magnesium-shortage, ''",
    "ficus-microcarpa, potassium-fed, 0.05, potassium-shortage, ''",
    "ficus-microcarpa, phosphorus-fed, 0, phosphorus-shortage, ''",
  })
  void movesItsCausesAndLeavesTheOthers(
      String kind, String field, double value, String cause, String others) {
    Map<String, Double> before = odds(kind, Circumstances.UNKNOWN);
    Map<String, Double> after =
        odds(kind, new Circumstances(Map.of(field, value), Map.of(), Set.of()));
    Set<String> moving = new HashSet<>(List.of(others.split(" ")));
    moving.add(cause);
    before.forEach(
        (id, odds) -> {
          if (!moving.contains(id)) {
            assertThat(after.get(id)).as(id).isEqualTo(odds);
          }
        });
    assertThat(after.get(cause)).as(cause).isNotNull().isNotEqualTo(before.get(cause));
  }

  @Test
  void saltsBeyondWhatItsKindBearsSpeakForThemAndFewAgainst() {
    String kind = "goeppertia-makoyana";
    double unknown = odds(kind, Circumstances.UNKNOWN).get("salt-build-up");
    assertThat(odds(kind, ec(2.8)).get("salt-build-up")).isGreaterThan(unknown * 4);
    assertThat(odds(kind, ec(0.3)).get("salt-build-up")).isLessThan(unknown);
    assertThat(odds("echeveria", ec(1.6)).get("salt-build-up"))
        .as("it bears more")
        .isEqualTo(odds("echeveria", Circumstances.UNKNOWN).get("salt-build-up"));
  }

  private static Circumstances ec(double ec) {
    return new Circumstances(Map.of("pore-ec", ec), Map.of(), Set.of());
  }

  @Test
  void aTrapPlantIsNotHungryForWhatItsRootsNeverGet() {
    Circumstances none = new Circumstances(Map.of("nitrogen-mean", 0.0), Map.of(), Set.of());
    assertThat(odds("drosera-capensis", none))
        .isEqualTo(odds("drosera-capensis", Circumstances.UNKNOWN));
  }
}
