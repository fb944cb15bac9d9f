package org.mildlantern.core.reliability;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class CoverageTest {
  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Coverage coverage = Coverage.of(knowledge, WrittenCase.all(knowledge));

  @Test
  void everyFamilyHasCausesInEveryGroup() {
    assertThat(coverage.groups()).hasSize(5);
    assertThat(coverage.rows()).hasSize(9);
    assertThat(coverage.rows())
        .allSatisfy(row -> assertThat(row.causes().values()).as(row.family()).allMatch(n -> n > 0));
  }

  @Test
  void mostFamiliesAreTriedByCases() {
    int tried =
        coverage.rows().stream()
            .mapToInt(row -> (int) row.cases().values().stream().filter(n -> n > 0).count())
            .sum();
    assertThat(tried).isGreaterThanOrEqualTo(36);
    assertThat(coverage.untried()).hasSizeLessThan(knowledge.causes().size() / 3);
  }

  @Test
  void theShippedFiguresAreReadableAndAddUp() {
    Measured shipped = Measured.shipped();
    assertThat(shipped.cases()).isGreaterThanOrEqualTo(150);
    assertThat(shipped.first()).isLessThanOrEqualTo(shipped.amongThree());
    assertThat(shipped.calibration().bins()).hasSize(10);
    assertThat(shipped.order().share()).isBetween(0.0, 1.0);
    assertThat(shipped.json()).contains("\"edition\"");
  }
}
