package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.FeedCheck.Plant;
import org.mildlantern.core.feed.FeedCheck.Why;
import org.mildlantern.core.knowledge.Feeding;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class FeedCheckTest {
  private static final LocalDate JUNE = LocalDate.of(2026, 6, 10);
  private static final LocalDate DECEMBER = LocalDate.of(2026, 12, 10);
  private static final Plant GROWING =
      new Plant(true, false, false, false, false, 0.5, false, 21, 14, null, 6);

  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Feeding feeding = knowledge.feeding();

  private Kind kind(String id) {
    return knowledge.kind(knowledge.taxa().find(id).orElseThrow());
  }

  private FeedCheck check(String kind, Plant plant, LocalDate day) {
    return FeedCheck.of(feeding.of(kind(kind)), plant, day, 53);
  }

  @Test
  void everyKindHasAProgramme() {
    knowledge.taxa().forEach(taxon -> assertThat(feeding.of(knowledge.kind(taxon))).isNotNull());
    knowledge.forms().forEach(form -> assertThat(feeding.of(knowledge.kind(form))).isNotNull());
  }

  @Test
  void trapsAreNeverFedAtTheRoots() {
    for (String trap : new String[] {"dionaea", "sarracenia", "nepenthes", "heliamphora-minor"}) {
      assertThat(check(trap, GROWING, JUNE).why()).as(trap).isEqualTo(Why.NOT_AT_THE_ROOTS);
      assertThat(feeding.traps(kind(trap))).as(trap).isPresent();
    }
    assertThat(feeding.traps(kind("utricularia-sandersonii")).orElseThrow().growing()).isFalse();
    assertThat(feeding.traps(kind("phalaenopsis"))).isEmpty();
  }

  @Test
  void anOrchidIsFedWeaklyAndAFoliagePlantMore() {
    double orchid = check("phalaenopsis", GROWING, JUNE).ppm();
    double foliage = check("spathiphyllum", GROWING, JUNE).ppm();
    assertThat(orchid).isBetween(25.0, 75.0);
    assertThat(foliage).isBetween(75.0, 125.0);
    assertThat(check("masdevallia", GROWING, JUNE).ppm()).isLessThanOrEqualTo(50);
  }

  @Test
  void whatIsAgainstItIsSaid() {
    assertThat(check("spathiphyllum", GROWING, DECEMBER).why()).isEqualTo(Why.OUT_OF_SEASON);
    assertThat(with(true, false, false, false, 21, null)).isEqualTo(Why.AT_REST);
    assertThat(with(false, true, false, false, 21, null)).isEqualTo(Why.WEAK);
    assertThat(with(false, false, true, false, 21, null)).isEqualTo(Why.SEEDLING);
    assertThat(with(false, false, false, true, 21, null)).isEqualTo(Why.FRESHLY_REPOTTED);
    assertThat(with(false, false, false, false, 8, null)).isEqualTo(Why.COLD);
    assertThat(with(false, false, false, false, 21, 2)).isEqualTo(Why.FED_LATELY);
    assertThat(with(false, false, false, false, 21, 30)).isEqualTo(Why.FEED);
  }

  private Why with(
      boolean resting,
      boolean weak,
      boolean seedling,
      boolean fresh,
      double celsius,
      Integer sinceFeed) {
    return check(
            "phalaenopsis",
            new Plant(true, resting, weak, seedling, false, 0.5, fresh, celsius, 14, sinceFeed, 6),
            JUNE)
        .why();
  }

  @Test
  void theNextDayIsSaid() {
    FeedCheck check =
        check(
            "phalaenopsis",
            new Plant(true, false, false, false, false, 0.5, false, 21, 14, 2, 6),
            JUNE);
    assertThat(check.next()).isEqualTo(JUNE.plusDays(4));
  }

  @Test
  void whatIsNotKnownIsNotFed() {
    Plant unknown = new Plant(false, false, false, false, false, 0.5, false, 21, 14, null, 6);
    assertThat(check("phalaenopsis", unknown, JUNE).why()).isEqualTo(Why.UNKNOWN_KIND);
  }

  @Test
  void aSouthernSummerIsSummer() {
    assertThat(FeedCheck.of(feeding.of(kind("spathiphyllum")), GROWING, DECEMBER, -35).why())
        .isEqualTo(Why.FEED);
  }

  @Test
  void leftoversSayWhatTheyLackAndRisk() {
    assertThat(feeding.leftovers()).hasSizeGreaterThanOrEqualTo(5);
    assertThat(feeding.leftovers())
        .allSatisfy(
            one -> {
              assertThat(one.lacks()).isNotBlank();
              assertThat(one.risks()).isNotBlank();
            });
  }

  @Test
  void aProductIsComparedByItsRatio() {
    Programme orchid = feeding.of(kind("phalaenopsis"));
    assertThat(orchid.unlike(Label.oxide(15, 5, 10))).isCloseTo(0, within(1e-9));
    assertThat(orchid.unlike(Label.oxide(15, 5, 15)))
        .isLessThan(orchid.unlike(Label.oxide(3, 4, 5)));
    assertThat(orchid.unlike(Label.oxide(15, 5, 10).with(new Nitrogen(5, 0, 10))))
        .isGreaterThan(0.5);
    assertThat(feeding.of(kind("dionaea")).unlike(Label.oxide(3, 4, 5))).isZero();
    assertThat(orchid.waterFor(true)).isLessThan(orchid.waterFor(false));
    assertThat(orchid.limeFor(true)).isLessThan(orchid.limeFor(false));
  }

  @Test
  void theLastFeedComesWeeksBeforeTheRest() {
    Plant soon = new Plant(true, false, false, false, true, 0.5, false, 21, 14, null, 6);
    assertThat(check("phalaenopsis", soon, JUNE).why()).isEqualTo(FeedCheck.Why.BEFORE_REST);
  }
}
