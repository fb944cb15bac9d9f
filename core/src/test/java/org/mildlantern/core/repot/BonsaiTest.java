package org.mildlantern.core.repot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Course;

class BonsaiTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Repots REPOTS = Library.shipped().repots();

  private static Kind kind(String id) {
    return KNOWLEDGE.kind(KNOWLEDGE.taxa().find(id).orElseThrow());
  }

  private static BonsaiYear tree(String id) {
    return REPOTS.bonsai(kind(id)).orElseThrow();
  }

  private static WireWatch wired(String id, LocalDate on) {
    Course course = KNOWLEDGE.course(kind(id));
    return WireWatch.of(tree(id), course, on, 53);
  }

  @Test
  void wireOnAFastTreeInSummerIsLookedAtWithinWeeks() {
    WireWatch fig = wired("ficus-microcarpa", LocalDate.of(2026, 6, 1));
    assertThat(fig.look()).isEqualTo(LocalDate.of(2026, 6, 22));
    assertThat(fig.bites()).isEqualTo(LocalDate.of(2026, 7, 27));
  }

  @Test
  void wireThatWasPutOnAtRestHoldsUntilTheTreeHasGrown() {
    WireWatch pine = wired("pinus-thunbergii", LocalDate.of(2026, 11, 10));
    assertThat(pine.look()).isAfter(LocalDate.of(2027, 5, 1));
    assertThat(pine.bites()).isAfter(pine.look());
  }

  @Test
  void aTreeBearsOneHeavyWorkAYear() {
    LocalDate cut = LocalDate.of(2026, 3, 10);
    List<TreeWork.Done> done = List.of(new TreeWork.Done(TreeWork.ROOTS_CUT, cut));
    assertThat(TreeWork.DEFOLIATED.waitsFor(done, LocalDate.of(2026, 6, 10))).contains(done.get(0));
    assertThat(TreeWork.HARD_PRUNED.waitsFor(done, LocalDate.of(2027, 2, 20))).isEmpty();
    assertThat(TreeWork.WIRED.waitsFor(done, LocalDate.of(2026, 6, 10))).isEmpty();
  }

  @Test
  void leavesAreCutOffOnlyWhereTheKindBearsIt() {
    assertThat(TreeWork.DEFOLIATED.borneBy(tree("acer-palmatum"))).isTrue();
    for (Taxon taxon : KNOWLEDGE.taxa()) {
      if (taxon.form().equals("needle-bonsai")) {
        REPOTS
            .bonsai(kind(taxon.id()))
            .ifPresent(
                conifer ->
                    assertThat(TreeWork.DEFOLIATED.borneBy(conifer)).as(taxon.id()).isFalse());
      }
    }
  }

  @Test
  void everySmallTreeHasItsYear() {
    assertThat(KNOWLEDGE.taxa().stream())
        .filteredOn(taxon -> taxon.form().endsWith("-bonsai"))
        .filteredOn(taxon -> REPOTS.bonsai(kind(taxon.id())).isEmpty())
        .extracting(Taxon::id)
        .isEmpty();
  }

  @Test
  void potsAreAsWideAsRootsAndGrowthAsk() {
    assertThat(PotSize.of(kind("echeveria").way(), 8, 0)).isEqualTo(new PotSize(10, false));
    assertThat(PotSize.of(kind("cattleya").way(), 10, 2)).isEqualTo(new PotSize(16, false));
    assertThat(PotSize.of(kind("guzmania").way(), 9, 0)).isEqualTo(new PotSize(10, false));
    assertThat(PotSize.of(kind("acer-palmatum").way(), 30, 0)).isEqualTo(new PotSize(30, false));
    assertThat(PotSize.of(kind("sarracenia").way(), 8, 0).deep()).isTrue();
    assertThat(PotSize.next(12)).isEqualTo(14);
    assertThat(PotSize.next(199)).isEqualTo(200);
    assertThat(PotSize.next(210)).as("what is wider stays").isEqualTo(210);
    assertThat(PotSize.minutes(10, false)).isEqualTo(14);
    assertThat(PotSize.minutes(10, true)).isEqualTo(35);
    assertThatThrownBy(() -> PotSize.of(kind("echeveria").way(), -1, 0))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aSucculentHealsDryAndABogPlantIsWetAtOnce() {
    LocalDate day = LocalDate.of(2026, 4, 1);
    Aftercare dry = REPOTS.aftercare(kind("echeveria")).orElseThrow();
    assertThat(dry.dryOn(day.plusDays(6), day)).isTrue();
    assertThat(dry.dryOn(day.plusDays(7), day)).isFalse();
    for (String wet :
        List.of("sarracenia", "dionaea", "drosera-capensis", "goeppertia-orbifolia")) {
      assertThat(REPOTS.aftercare(kind(wet)).orElseThrow().dryOn(day, day)).as(wet).isFalse();
    }
  }
}
