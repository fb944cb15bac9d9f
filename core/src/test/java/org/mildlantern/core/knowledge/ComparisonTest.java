package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ComparisonTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  private Comparison of(String first, String second) {
    return Comparison.of(
        knowledge.causes().find(first).orElseThrow(),
        knowledge.causes().find(second).orElseThrow(),
        knowledge);
  }

  @Test
  void theSignThatSeparatesMostComesFirst() {
    Comparison comparison = of("too-wet", "too-dry");
    assertThat(comparison.rows().get(0).node().sign().id())
        .isIn("medium-soggy", "medium-dust-dry", "firm-after-soak");
    assertThat(comparison.rows().get(0).shared()).isFalse();
    assertThat(comparison.separating()).hasSize(2);
  }

  @Test
  void bothOrdersShowTheSameSigns() {
    assertThat(of("thrips", "spider-mites").rows())
        .hasSameSizeAs(of("spider-mites", "thrips").rows());
    assertThat(of("thrips", "frost").separating()).isEmpty();
  }
}
