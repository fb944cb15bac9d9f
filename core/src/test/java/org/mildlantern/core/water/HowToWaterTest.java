package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;

class HowToWaterTest {
  private static final Knowledge KNOWLEDGE = Knowledge.load();
  private static final HowToWater.Pot USUAL =
      new HowToWater.Pot(true, false, false, 183.0, false, 20.0);

  private static String lines(String kind, boolean resting, HowToWater.Pot pot) {
    Taxon taxon = KNOWLEDGE.taxon(kind).orElseThrow();
    List<String> lines =
        HowToWater.of(KNOWLEDGE.form(taxon.form()).orElseThrow(), taxon, resting, pot);
    assertThat(lines).isNotEmpty().doesNotHaveDuplicates();
    return String.join(" ", lines);
  }

  @Test
  void usualPotsAreSoakedAndGivenAMeasure() {
    assertThat(lines("coleus", false, USUAL))
        .contains("Soak it until water runs out below")
        .contains("about 180 ml")
        .contains("In the morning");
  }

  @Test
  void crownsAreKeptDryAndSaltShyKindsGetRain() {
    assertThat(lines("phalaenopsis", false, USUAL)).contains("keep the crown dry");
    assertThat(lines("masdevallia", false, USUAL)).contains("Rain or pure water");
  }

  @Test
  void boneDryMediumIsDunkedUntilNoBubblesRise() {
    HowToWater.Pot bone = new HowToWater.Pot(true, false, false, 200.0, true, 20.0);
    assertThat(lines("coleus", false, bone)).contains("until no bubbles rise");
  }

  @Test
  void outerPotsAreEmptiedAndPotsWithoutHolesGetTheMeasure() {
    HowToWater.Pot pot = new HowToWater.Pot(false, true, false, 80.0, false, 20.0);
    assertThat(lines("coleus", false, pot))
        .contains("after ten minutes")
        .contains("no holes")
        .contains("about 80 ml");
  }

  @Test
  void cupsAreFlushedAirPlantsDryHeadDownAndMountsDipped() {
    assertThat(lines("vriesea", false, USUAL)).contains("once in three weeks");
    assertThat(lines("tillandsia-ionantha", false, USUAL)).contains("head down");
    HowToWater.Pot mount = new HowToWater.Pot(true, false, true, null, false, 20.0);
    assertThat(lines("restrepia", false, mount)).contains("Dip the mount");
  }

  @Test
  void bogPlantsStandInATrayInGrowthAndNotAtRest() {
    assertThat(lines("dionaea", false, USUAL)).contains("tray");
    assertThat(lines("dionaea", true, USUAL)).contains("no standing water");
  }

  @Test
  void coldMeansLaterAndLess() {
    HowToWater.Pot cold = new HowToWater.Pot(true, false, false, 100.0, false, 8.0);
    assertThat(lines("coleus", false, cold)).contains("a day late");
    assertThat(lines("vriesea", false, cold)).contains("nearly empty");
  }
}
