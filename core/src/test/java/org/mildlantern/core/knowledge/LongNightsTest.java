package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.light.LongNights;

class LongNightsTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  private LongNights of(String taxon) {
    return knowledge
        .longNights(knowledge.kind(knowledge.taxa().find(taxon).orElseThrow()))
        .orElse(null);
  }

  @Test
  void aChristmasCactusFlowersByThemAndAnEasterCactusOtherwise() {
    assertThat(of("schlumbergera").ends()).isEqualTo(LongNights.Ends.FLOWER);
    assertThat(of("schlumbergera-gaertneri")).isNull();
    assertThat(of("phalaenopsis")).isNull();
  }

  @Test
  void trumpetPitchersGoToRestByThem() {
    assertThat(of("dionaea").ends()).isEqualTo(LongNights.Ends.REST);
  }

  @Test
  void aLampThatBurnsIntoTheNightSpoilsThem() {
    LongNights poinsettia = of("euphorbia-pulcherrima");
    assertThat(poinsettia.spoiledBy(14)).isTrue();
    assertThat(poinsettia.spoiledBy(10)).isFalse();
  }
}
