package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Media;

class PaceReasonsTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Media MEDIA = Library.shipped().media();
  private static final PaceChange FASTER = new PaceChange(1.7, 0.95, 0);
  private static final PaceChange SLOWER = new PaceChange(0.5, 0, 0.95);

  private static List<PaceReasons.Likely> likely(
      PaceChange change, Map<String, Double> numbers, Map<String, String> choices) {
    return PaceReasons.of(change, new Circumstances(numbers, choices, Set.of()), KNOWLEDGE, MEDIA)
        .likely();
  }

  private static double chance(List<PaceReasons.Likely> likely, String id) {
    return likely.stream()
        .filter(l -> l.reason().id().equals(id))
        .findFirst()
        .orElseThrow()
        .chance();
  }

  @Test
  void chancesAddUpToOneAndGoThePotsWay() {
    List<PaceReasons.Likely> faster = likely(FASTER, Map.of(), Map.of());
    assertThat(faster.stream().mapToDouble(PaceReasons.Likely::chance).sum())
        .isCloseTo(1, within(1e-9));
    assertThat(faster).allMatch(l -> l.reason().faster());
    assertThat(faster)
        .extracting(l -> l.reason().id())
        .contains("root-bound", "dry-air", "heat", "new-growth");
    assertThat(likely(SLOWER, Map.of(), Map.of()))
        .extracting(l -> l.reason().id())
        .contains("roots-lost", "cold", "dark", "rest")
        .doesNotContain("root-bound");
  }

  @Test
  void recordsMoveTheOdds() {
    assertThat(likely(FASTER, Map.of("unpotted-share", 1.1), Map.of()).get(0).reason().id())
        .isEqualTo("root-bound");
    assertThat(likely(FASTER, Map.of(), Map.of("near-heater", "yes")).get(0).reason().id())
        .isEqualTo("heat");
    assertThat(
            likely(SLOWER, Map.of("wet-days", 14.0), Map.of("season", "summer"))
                .get(0)
                .reason()
                .id())
        .isEqualTo("roots-lost");
    assertThat(likely(SLOWER, Map.of(), Map.of("stage", "rest")).get(0).reason().id())
        .isEqualTo("rest");
    double repotted = chance(likely(FASTER, Map.of("repot-share", 0.5), Map.of()), "root-bound");
    assertThat(repotted).isLessThan(chance(likely(FASTER, Map.of(), Map.of()), "root-bound"));
  }

  @Test
  void noClearChangeHasNoReasons() {
    assertThat(likely(new PaceChange(1.1, 0.3, 0.1), Map.of(), Map.of())).isEmpty();
    assertThat(likely(null, Map.of(), Map.of())).isEmpty();
  }
}
