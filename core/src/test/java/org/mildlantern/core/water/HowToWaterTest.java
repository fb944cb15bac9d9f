package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Media;

class HowToWaterTest {
  private static final Media MEDIA = Library.shipped().media();
  private static final HowToWater.Pot USUAL =
      new HowToWater.Pot(
          true, false, false, 183.0, false, null, new HowToWater.Air(20.0, 50.0, false));

  private static final HowToWater.Pot COLD =
      new HowToWater.Pot(
          true, false, false, 100.0, false, null, new HowToWater.Air(8.0, 50.0, false));

  private static List<String> of(Kind kind, boolean resting, HowToWater.Pot pot) {
    return HowToWater.of(MEDIA, kind, Kinds.living(kind, resting), resting, pot);
  }

  private static String lines(String kind, boolean resting, HowToWater.Pot pot) {
    List<String> lines = of(Kinds.taxon(kind), resting, pot);
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
    HowToWater.Pot bone =
        new HowToWater.Pot(
            true, false, false, 200.0, true, null, new HowToWater.Air(20.0, 50.0, false));
    assertThat(lines("coleus", false, bone)).contains("until no bubbles rise");
  }

  @Test
  void outerPotsAreEmptied() {
    HowToWater.Pot pot =
        new HowToWater.Pot(
            true, true, false, 80.0, false, null, new HowToWater.Air(20.0, 50.0, false));
    assertThat(lines("coleus", false, pot)).contains("after ten minutes").contains("about 80 ml");
  }

  private static HowToWater.Pot closed(Double drink, boolean bone) {
    return new HowToWater.Pot(
        false, false, false, drink, bone, null, new HowToWater.Air(20.0, 50.0, false));
  }

  @Test
  void aPotWithoutHolesIsNeverSoakedAndGetsPartOfADrink() {
    for (boolean bone : new boolean[] {false, true}) {
      assertThat(lines("coleus", false, closed(200.0, bone)))
          .contains("about 150 ml")
          .contains("feel its bottom")
          .doesNotContain("runs out below")
          .doesNotContain("until no bubbles rise")
          .doesNotContain("200 ml");
    }
    assertThat(lines("coleus", false, closed(200.0, true))).contains("in three parts");
    assertThat(lines("coleus", false, closed(null, false))).contains("a tenth of what the pot");
    assertThat(lines("phalaenopsis", false, closed(100.0, false))).contains("a pot with holes");
    assertThat(lines("dionaea", false, closed(100.0, false)))
        .contains("a third of the way up")
        .doesNotContain("tray");
  }

  @Test
  void aPotOfWhichHolesAreNotKnownIsLookedAtFirst() {
    HowToWater.Pot unknown =
        new HowToWater.Pot(
            null, null, false, 200.0, false, null, new HowToWater.Air(20.0, 50.0, false));
    assertThat(of(Kinds.taxon("coleus"), false, unknown).get(0))
        .startsWith("Whether its pot has holes is not noted.");
    assertThat(lines("coleus", false, unknown)).doesNotContain("outer pot");
    assertThat(lines("coleus", false, USUAL)).doesNotContain("not noted");
  }

  @Test
  void aRestCountsForAPotWithoutHolesToo() {
    assertThat(lines("lithops", true, closed(50.0, true)))
        .contains("no drink")
        .doesNotContain("50 ml");
    assertThat(lines("acer-palmatum", true, closed(300.0, false)))
        .contains("just damp")
        .doesNotContain("225 ml");
  }

  @Test
  void whatFloatsIsKeptInABowlAndNeverDries() {
    assertThat(lines("aldrovanda", false, USUAL))
        .contains("It floats")
        .doesNotContain("tray")
        .doesNotContain("Soak")
        .doesNotContain("pot");
    assertThat(lines("aldrovanda", true, USUAL)).contains("winter bud").doesNotContain("damp");
  }

  @Test
  void cupsAreFlushedAirPlantsDryHeadDownAndMountsDipped() {
    assertThat(lines("vriesea", false, USUAL)).contains("tip it out");
    assertThat(lines("tillandsia-ionantha", false, USUAL)).contains("head down");
    HowToWater.Pot mount =
        new HowToWater.Pot(
            true, false, true, null, false, null, new HowToWater.Air(20.0, 50.0, false));
    assertThat(lines("restrepia", false, mount)).contains("Dip the mount");
  }

  @Test
  void aBromeliadThatHoldsNoCupIsWateredInItsPot() {
    for (String kind : List.of("wallisia-cyanea", "ananas")) {
      assertThat(lines(kind, false, USUAL))
          .contains("Soak it", "into the pot first")
          .doesNotContain("cup");
      assertThat(lines(kind, false, COLD)).contains("none into the rosette");
    }
    for (String kind : List.of("cryptanthus", "dyckia")) {
      assertThat(lines(kind, false, USUAL)).contains("Soak it").doesNotContain("cup");
    }
  }

  @Test
  void bogPlantsStandInATrayInGrowthAndNotAtRest() {
    assertThat(lines("dionaea", false, USUAL)).contains("tray");
    assertThat(lines("dionaea", true, USUAL)).contains("no standing water");
  }

  @Test
  void coldMeansLaterAndLess() {
    assertThat(lines("coleus", false, COLD)).contains("a day late");
    assertThat(lines("vriesea", false, COLD)).contains("nearly empty");
  }

  private static List<String> airPlant(double celsius, double humidity, boolean moving) {
    HowToWater.Pot hung =
        new HowToWater.Pot(
            true, false, true, null, false, null, new HowToWater.Air(celsius, humidity, moving));
    return of(Kinds.taxon("tillandsia-ionantha"), false, hung);
  }

  @Test
  void anAirPlantsDryingTimeFollowsAirAndMovement() {
    assertThat(String.join(" ", airPlant(20, 50, false)))
        .contains("still air")
        .contains("2.9 hours");
    assertThat(String.join(" ", airPlant(20, 50, true)))
        .contains("moving air")
        .contains("1.0 hours");
    assertThat(String.join(" ", airPlant(14, 85, false))).contains("before a fan");
    assertThat(String.join(" ", airPlant(20, 50, false))).doesNotContain("before a fan");
  }

  private static String standing(Standing.Kind kind, boolean off, boolean resting) {
    PotShape shape = PotShape.of(PotShape.Kind.ROUND, 12, null);
    HowToWater.Stands stands =
        new HowToWater.Stands(kind, Standing.level(kind, shape, resting), off);
    return String.join(
        " ",
        of(
            Kinds.taxon("drosera-capensis"),
            resting,
            new HowToWater.Pot(
                true, false, false, null, false, stands, new HowToWater.Air(18.0, 50.0, false))));
  }

  @Test
  void trayReservoirAndWickAreFilledToTheirLevelAndLeftOffWhenColdAndDark() {
    assertThat(standing(Standing.Kind.TRAY, false, false))
        .contains("1.0 cm")
        .contains("pure water");
    assertThat(standing(Standing.Kind.TRAY, false, true)).contains("0.5 cm").contains("rests");
    assertThat(standing(Standing.Kind.RESERVOIR, false, false)).contains("a quarter of the pot");
    assertThat(standing(Standing.Kind.WICK, false, false)).contains("below the pot");
    assertThat(standing(Standing.Kind.WICK, true, false)).contains("jar empty until spring");
  }

  private static String unnamed(String form, HowToWater.Pot pot) {
    return String.join(" ", of(Kinds.form(form), false, pot));
  }

  @Test
  void aPlantOfWhichOnlyTheFormIsKnownIsWateredAsSuchPlantsAre() {
    assertThat(unnamed("snap-trap", USUAL)).contains("tray").doesNotContain("let it drain");
    assertThat(unnamed("sticky-rosette", USUAL)).contains("pure water into the tray");
    assertThat(unnamed("fern", USUAL)).contains("shy of salts");
    assertThat(unnamed("tank-bromeliad", USUAL)).contains("cup");
    assertThat(unnamed("air-plant", USUAL)).contains("head down");
    assertThat(unnamed("leafy-stem", USUAL)).doesNotContain("salts");
  }

  @Test
  void everyFormHasAnAnswerInEveryPot() {
    HowToWater.Air air = new HowToWater.Air(8.0, 90.0, false);
    PotShape shape = PotShape.of(PotShape.Kind.ROUND, 12, null);
    for (GrowthForm form : Library.shipped().knowledge().forms()) {
      Kind kind = Kinds.form(form.id());
      for (Standing.Kind in : Standing.Kind.values()) {
        HowToWater.Stands stands =
            in == Standing.Kind.NONE
                ? null
                : new HowToWater.Stands(in, Standing.level(in, shape, true), true);
        HowToWater.Pot pot = new HowToWater.Pot(false, true, false, null, true, stands, air);
        assertThat(of(kind, false, pot)).as(kind.name()).isNotEmpty();
        assertThat(of(kind, true, pot)).as(kind.name()).isNotEmpty();
      }
      assertThat(of(kind, false, USUAL)).as(kind.name()).isNotEmpty();
    }
  }
}
