package org.mildlantern.core.away;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class StandingTest {
  private static final Standing ROOM = new Standing(true, false, false, false, false, 21, 12.0);

  private static Means means(Means.Kind kind, boolean full) {
    return new Means("any", kind, "any", full, 0.5, 0, List.of(), List.of(), 1, 0, "");
  }

  private static List<Means.Kind> taken(Standing standing) {
    return Stream.of(Means.Kind.values())
        .filter(kind -> standing.takes(means(kind, false)))
        .toList();
  }

  @Test
  void aWellPlantInARoomTakesAnythingThatIsNotDoneToTheRoom() {
    assertThat(taken(ROOM))
        .containsExactlyElementsOf(
            Stream.of(Means.Kind.values()).filter(kind -> !means(kind, false).ofRoom()).toList());
  }

  @Test
  void nothingIllOrInBudStandsUnderABag() {
    assertThat(taken(new Standing(true, false, false, true, false, 21, 12.0)))
        .doesNotContain(Means.Kind.COVER);
    assertThat(taken(new Standing(true, false, false, false, true, 21, 12.0)))
        .doesNotContain(Means.Kind.COVER, Means.Kind.TOGETHER);
  }

  @Test
  void onlyWhatStaysWithinItsWarmthGoesCooler() {
    assertThat(taken(new Standing(true, false, false, false, false, 21, 17.0)))
        .contains(Means.Kind.COOLER);
    assertThat(taken(new Standing(true, false, false, false, false, 21, 17.5)))
        .doesNotContain(Means.Kind.COOLER);
    assertThat(taken(new Standing(true, false, false, false, false, 21, null)))
        .doesNotContain(Means.Kind.COOLER);
  }

  @Test
  void aCaseIsDampAndTheOpenHasNoCoolerRoom() {
    assertThat(taken(new Standing(false, true, false, false, false, 21, 12.0)))
        .containsExactly(Means.Kind.RESERVOIR, Means.Kind.OTHER);
    assertThat(taken(new Standing(false, false, false, false, false, 21, 12.0)))
        .containsExactly(Means.Kind.TOGETHER, Means.Kind.RESERVOIR, Means.Kind.OTHER);
  }

  @Test
  void whatIsSoakedTakesOnlyASoak() {
    Standing air = new Standing(true, false, true, false, false, 21, 12.0);
    assertThat(taken(air)).isEmpty();
    assertThat(air.takes(means(Means.Kind.OTHER, true))).isTrue();
  }
}
