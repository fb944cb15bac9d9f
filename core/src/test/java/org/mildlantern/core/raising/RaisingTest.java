package org.mildlantern.core.raising;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Raising;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Way;
import org.mildlantern.core.raising.Counts.Step;

class RaisingTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Raising RAISING = Library.shipped().raising();

  private static Raised of(String id) {
    return RAISING.of(KNOWLEDGE.kind(KNOWLEDGE.taxa().find(id).orElseThrow())).orElseThrow();
  }

  private static Set<RaisingWay> ways(String id) {
    return of(id).ways().stream().map(Raised.Works::way).collect(Collectors.toSet());
  }

  @Test
  void everyKindSaysHowItIsRaised() {
    assertThat(KNOWLEDGE.taxa().stream())
        .filteredOn(taxon -> RAISING.of(KNOWLEDGE.kind(taxon)).isEmpty())
        .extracting(Taxon::id)
        .isEmpty();
  }

  @Test
  void noOrchidAndNoBromeliadGrowsFromALeaf() {
    for (Taxon taxon : KNOWLEDGE.taxa()) {
      if (taxon.group().equals("orchid") || taxon.group().equals("bromeliad")) {
        assertThat(ways(taxon.id())).as(taxon.id()).doesNotContain(RaisingWay.LEAF);
      }
    }
  }

  @Test
  void whatGrowsOnOneStemIsNotDivided() {
    for (String id : List.of("phalaenopsis", "vanda", "cyclamen", "howea")) {
      assertThat(ways(id)).as(id).doesNotContain(RaisingWay.DIVISION);
    }
    assertThat(of("fagus").no()).containsKey(RaisingWay.CUTTING);
    assertThat(of("monstera").no()).containsKey(RaisingWay.LEAF);
    assertThat(ways("drosera-pygmy")).containsExactly(RaisingWay.BUDS);
  }

  @Test
  void whatIsUsualSpansItsBandAndOwnBatchesSetItRight() {
    Take usual = Take.usual(0.6, 0.9);
    assertThat(usual.mean()).isCloseTo(0.75, within(1e-9));
    assertThat(usual.least()).isCloseTo(0.6, within(0.01));
    assertThat(usual.most()).isCloseTo(0.9, within(0.01));
    Take learned = usual.learn(2, 8);
    assertThat(learned.mean()).isBetween(0.5, 0.75);
    Take sure = usual.learn(80, 20);
    assertThat(sure.most() - sure.least()).isLessThan(usual.most() - usual.least());
    assertThat(usual.takenFor(10)).isEqualTo(17);
    assertThatThrownBy(() -> Take.usual(0.9, 0.6)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> usual.learn(-1, 0)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void moreThatLivedNeverLowersTheTake() {
    Random random = new Random(7);
    for (int i = 0; i < 500; i++) {
      Take take = Take.usual(0.4, 0.8).learn(random.nextInt(300), random.nextInt(300));
      assertThat(take.learn(1, 0).mean()).isGreaterThanOrEqualTo(take.mean());
      assertThat(take.least()).isBetween(0.0, take.mean());
      assertThat(take.most()).isBetween(take.mean(), 1.0);
    }
  }

  @Test
  void countsThatCannotBeAreSaidSo() {
    Counts twelve = Counts.NONE.plus(Step.TAKEN, 12);
    assertThat(twelve.fault()).isEmpty();
    assertThat(twelve.plus(Step.ROOTED, 13).fault().orElseThrow()).contains("13 rooted of 12");
    assertThat(twelve.plus(Step.POTTED, 1).fault().orElseThrow()).contains("rooted");
    assertThat(twelve.plus(Step.LOST, 13).fault().orElseThrow()).contains("more than the 12");
    assertThat(twelve.plus(Step.TAKEN, -13).fault().orElseThrow()).contains("from 0");
    Counts half = twelve.plus(Step.ROOTED, 7).plus(Step.LOST, 3).plus(Step.POTTED, 4);
    assertThat(half.fault()).isEmpty();
    assertThat(half.waiting()).isEqualTo(2);
    assertThat(half.toPot()).isEqualTo(3);
    assertThat(half.over()).isFalse();
    assertThat(half.plus(Step.LOST, 2).plus(Step.POTTED, 3).over()).isTrue();
  }

  @Test
  void aPieceIsTakenWhenItIsBigEnough() {
    assertThat(Ready.offset(8.2, 20, false).state()).isEqualTo(Ready.State.RISKY);
    assertThat(Ready.offset(11, 20, false).state()).isEqualTo(Ready.State.READY);
    assertThat(Ready.offset(7, 20, true).state()).isEqualTo(Ready.State.READY);
    assertThat(Ready.offset(3, 20, false).state()).isEqualTo(Ready.State.WAIT);
    assertThat(Ready.keiki(3, 4.5).state()).isEqualTo(Ready.State.READY);
    assertThat(Ready.keiki(1, 6).state()).isEqualTo(Ready.State.WAIT);
    assertThat(Ready.division(7, 2).words()).contains("2 pieces");
    assertThat(Ready.division(4, 1).state()).isEqualTo(Ready.State.WAIT);
    assertThatThrownBy(() -> Ready.offset(5, 0, false))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void conifersOrchidsAndPalmsAreNotCutBackHard() {
    for (Taxon taxon : KNOWLEDGE.taxa()) {
      boolean bare =
          taxon.form().equals("needle-bonsai")
              || taxon.group().equals("orchid")
              || taxon.group().equals("bromeliad");
      if (bare) {
        assertThat(RAISING.pruning(KNOWLEDGE.kind(taxon))).as(taxon.id()).isEmpty();
      }
    }
    assertThat(
            RAISING.pruning(
                KNOWLEDGE.kind(KNOWLEDGE.taxa().find("ficus-microcarpa").orElseThrow())))
        .isPresent();
  }

  @Test
  void thickJuicyCutsDryForLonger() {
    Way succulent = way("haworthia");
    assertThat(Ready.callusDays(5, succulent)).isEqualTo(4);
    assertThat(Ready.callusDays(30, succulent)).isEqualTo(14);
    assertThat(Ready.callusDays(30, way("coleus"))).isZero();
  }

  private static Way way(String taxon) {
    return KNOWLEDGE.kind(KNOWLEDGE.taxa().find(taxon).orElseThrow()).way();
  }

  @Test
  void piecesThatHaveRootedAndDiedAreNotGrown() {
    Counts counts = new Counts(10, 8, 3, 4);
    assertThat(counts.living()).isEqualTo(6);
    assertThat(counts.grown()).isEqualTo(6);
    assertThat(counts.toPot()).isEqualTo(3);
    assertThat(counts.waiting()).isZero();
    assertThat(new Counts(10, 4, 1, 2).grown()).isEqualTo(4);
    assertThat(Counts.NONE.grown()).isZero();
  }

  @Test
  void aGrexHasANameOfItsOwn() {
    Cross cross = new Cross("Laelia anceps", "Cattleya walkeriana");
    assertThat(cross.words()).isEqualTo("Laelia anceps × Cattleya walkeriana");
    assertThat(cross.sameGrex(new Cross("cattleya walkeriana", "Laelia anceps"))).isTrue();
    assertThat(new Cross("Disa uniflora", "Disa uniflora").words()).contains("selfed");
    assertThat(Cross.faultOfGrex("Canal Dusk")).isEmpty();
    assertThat(Cross.faultOfGrex("canal dusk")).isPresent();
    assertThat(Cross.faultOfGrex("Canal 'Alba'")).isPresent();
    assertThat(Cross.faultOfGrex("Laelia × Cattleya")).isPresent();
    assertThat(Cross.faultOfGrex("One Two Three Four")).isPresent();
  }
}
