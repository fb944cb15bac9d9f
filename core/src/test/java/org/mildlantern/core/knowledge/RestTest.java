package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.season.Stage;

class RestTest {
  private static final LocalDate JANUARY = LocalDate.of(2027, 1, 15);
  private static final LocalDate JULY = LocalDate.of(2027, 7, 15);

  private final Media media = Library.shipped().media();

  private static int days(String kind, LocalDate day, boolean resting) {
    return Kinds.taxon(kind).habits().checkDaysOn(day, 53, resting);
  }

  @Test
  void whatBloomsInWinterIsNotLookedAtAsIfItRested() {
    for (String kind : new String[] {"cyclamen", "hippeastrum", "drosera-tuberous"}) {
      Kind one = Kinds.taxon(kind);
      assertThat(one.resting(Stage.FLOWER, JANUARY, 53)).as(kind).isFalse();
      assertThat(one.resting(Stage.GROWTH, JANUARY, 53)).as(kind).isFalse();
      assertThat(days(kind, JANUARY, false)).as(kind).isLessThanOrEqualTo(6);
    }
    assertThat(Kinds.taxon("cyclamen").resting(Stage.GROWTH, JULY, 53)).isTrue();
    assertThat(Kinds.taxon("cyclamen").resting(Stage.GROWTH, JANUARY, -35)).isTrue();
  }

  @Test
  void whatHasNoRestIsLookedAtLessInWinter() {
    assertThat(days("phalaenopsis", JANUARY, false))
        .isGreaterThan(days("phalaenopsis", JULY, false));
    assertThat(days("echeveria", JANUARY, true)).isGreaterThan(days("echeveria", JULY, false));
  }

  @Test
  void wishesFollowHowAKindRests() {
    assertThat(wish("catasetum", true).id()).isEqualTo("dry-rest");
    assertThat(wish("lithops", true).id()).isEqualTo("dry-rest");
    assertThat(wish("acer-palmatum", true)).isEqualTo(wish("acer-palmatum", false));
    assertThat(wish("sarracenia", true).id()).isEqualTo("evenly-moist");
    assertThat(wish("cattleya", true).threshold()).isLessThan(wish("cattleya", false).threshold());
  }

  private Wish wish(String kind, boolean resting) {
    return media.wish(Kinds.taxon(kind).habits(), resting);
  }

  @Test
  void theWayAtRestIsThatOfItsRest() {
    assertThat(Kinds.living(Kinds.taxon("dionaea"), true).now().id()).isEqualTo("bog-at-rest");
    assertThat(Kinds.living(Kinds.taxon("pleione"), true).now().id()).isEqualTo("dry-at-rest");
    assertThat(Kinds.living(Kinds.taxon("acer-palmatum"), true).now().id())
        .isEqualTo("tree-at-rest");
    assertThat(Kinds.living(Kinds.taxon("phalaenopsis"), true).now().id())
        .isEqualTo("single-stem-orchid");
    assertThat(Kinds.living(Kinds.form("broadleaf-bonsai"), false).now().id())
        .isEqualTo("some-tree");
  }

  @Test
  void aTuberInItsDrySummerIsNoBogPlant() {
    Living asleep = Kinds.living(Kinds.taxon("drosera-tuberous"), true);
    assertThat(asleep.names()).doesNotContain("wet", "bog").contains("trap", "dry-at-rest");
    assertThat(Kinds.living(Kinds.taxon("drosera-tuberous"), false).names()).contains("wet");
  }
}
