package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class ExperienceTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  private Experience of(Map<String, Integer> confirmed) {
    return Experience.of(confirmed, knowledge.causes());
  }

  @Test
  void nothingConfirmedChangesNothing() {
    assertThat(of(Map.of()).factor("spider-mites")).isEqualTo(1);
    assertThat(Experience.NONE.factor("spider-mites")).isEqualTo(1);
  }

  @Test
  void sharesAddUpToOneBeforeAndAfter() {
    Experience taught = of(Map.of("spider-mites", 3, "too-wet", 1));
    assertThat(taught.shares().values().stream().mapToDouble(Double::doubleValue).sum())
        .isCloseTo(1, within(1e-9));
    double after =
        taught.shares().entrySet().stream()
            .mapToDouble(
                e ->
                    (200 * e.getValue() + taught.confirmed().getOrDefault(e.getKey(), 0))
                        / (200 + taught.total()))
            .sum();
    assertThat(after).isCloseTo(1, within(1e-9));
  }

  @Test
  void whatIsConfirmedRisesAndTheRestFallsALittle() {
    Experience taught = of(Map.of("spider-mites", 2));
    assertThat(taught.factor("spider-mites")).isBetween(1.2, 2.0);
    assertThat(taught.factor("too-wet")).isCloseTo(200.0 / 202, within(1e-9));
    assertThat(of(Map.of("southern-blight", 30)).factor("southern-blight")).isEqualTo(6);
  }

  @Test
  void theRankingFollowsAndSaysWhy() {
    var fig = knowledge.taxa().find("ficus-benjamina").orElseThrow();
    Question plain =
        Question.of(
            knowledge.kind(fig),
            LocalDate.of(2026, 5, 1),
            List.of(Finding.present("honeydew@all-leaves")),
            Circumstances.UNKNOWN);
    Diagnostician diagnostician = new Diagnostician(knowledge);
    double before = diagnostician.diagnose(plain).of("mealybugs").orElseThrow().probability();
    RankedCause after =
        diagnostician
            .diagnose(plain.taughtBy(of(Map.of("mealybugs", 4))))
            .of("mealybugs")
            .orElseThrow();
    assertThat(after.probability()).isGreaterThan(before);
    assertThat(after.weights()).anyMatch(w -> w.key().equals("experience"));
  }
}
