package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.season.BloomYear;
import org.mildlantern.core.season.Course;

class BloomYearsTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  private BloomYear of(String taxon) {
    return knowledge.course(Kinds.taxon(taxon)).bloom();
  }

  private Map<String, BloomYear> all() {
    Map<String, BloomYear> all = new HashMap<>();
    for (Taxon taxon : knowledge.taxa()) {
      BloomYear year = knowledge.course(knowledge.kind(taxon)).bloom();
      if (year != null) {
        all.put(taxon.id(), year);
      }
    }
    return all;
  }

  @Test
  void aKindGoesBeforeItsGenus() {
    assertThat(of("phalaenopsis").cue()).isEqualTo(BloomYear.Cue.COOL_NIGHTS);
    assertThat(of("phalaenopsis-bellina").cue()).isEqualTo(BloomYear.Cue.RIPE);
    assertThat(of("schlumbergera").cue()).isEqualTo(BloomYear.Cue.LONG_NIGHTS);
    assertThat(of("schlumbergera-gaertneri").cue()).isEqualTo(BloomYear.Cue.COLD);
  }

  @Test
  void nightsAreCountedWithTheirWarmthTheirNumberAndTheirMonthsOrNotAtAll() {
    all()
        .forEach(
            (id, year) -> {
              boolean cold =
                  year.cue() == BloomYear.Cue.COOL_NIGHTS || year.cue() == BloomYear.Cue.COLD;
              assertThat(year.counted() || !cold).as(id).isTrue();
              assertThat(year.buds().get(0)).as(id).isLessThanOrEqualTo(year.buds().get(1));
            });
  }

  @Test
  void noKindIsSentIntoNightsThatHarmIt() {
    List<String> wrong = new ArrayList<>();
    all()
        .forEach(
            (id, year) -> {
              double bears = knowledge.taxa().find(id).orElseThrow().coldestWished();
              if (year.counted() && year.below() < bears) {
                wrong.add(id + " " + year.below() + " " + bears);
              }
            });
    assertThat(wrong).isEmpty();
  }

  @Test
  void manyKindsAreKnown() {
    assertThat(all()).hasSizeGreaterThan(150);
  }

  @Test
  void howAKindRestsFollowsItsRest() {
    assertThat(knowledge.course(Kinds.taxon("pleione-formosana")).rest())
        .isEqualTo(Course.RestKind.DRY);
    assertThat(knowledge.course(Kinds.taxon("dionaea")).rest())
        .isEqualTo(Course.RestKind.MOIST_COLD);
    assertThat(knowledge.course(Kinds.taxon("phalaenopsis")).rest())
        .isEqualTo(Course.RestKind.NONE);
    assertThat(knowledge.course(Kinds.taxon("juniperus-chinensis")).bareRootsKill()).isTrue();
    assertThat(knowledge.course(Kinds.taxon("goeppertia-orbifolia")).bareRootsKill()).isFalse();
  }
}
