package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PagedTest {
  private static final List<Integer> TEN = IntStream.rangeClosed(1, 10).boxed().toList();

  @Test
  void everyRowStandsOnOnePage() {
    for (int size = 1; size <= 11; size++) {
      int part = size;
      int pages = Paged.of(TEN, 1, size).pages();
      List<Integer> rows =
          IntStream.rangeClosed(1, pages)
              .boxed()
              .flatMap(page -> Paged.of(TEN, page, part).rows().stream())
              .toList();
      assertThat(rows).isEqualTo(TEN);
    }
  }

  @Test
  void aPageKnowsWhereItStands() {
    Paged<Integer> second = Paged.of(TEN, 2, 4);
    assertThat(second.rows()).containsExactly(5, 6, 7, 8);
    assertThat(second.from()).isEqualTo(5);
    assertThat(second.to()).isEqualTo(8);
    assertThat(second.beyond()).isEqualTo(6);
    assertThat(second.whole()).isFalse();
    assertThat(second.map(n -> "n" + n).rows()).containsExactly("n5", "n6", "n7", "n8");
  }

  @Test
  void numbersBeyondTheEndsGiveTheEnds() {
    assertThat(Paged.of(TEN, -5, 4).page()).isEqualTo(1);
    assertThat(Paged.of(TEN, null, 4).page()).isEqualTo(1);
    assertThat(Paged.of(TEN, Integer.MAX_VALUE, 4).rows()).containsExactly(9, 10);
    assertThat(Paged.of(List.of(), 3, 4).whole()).isTrue();
  }

  @Test
  void aRowIsFoundOnItsPage() {
    for (Integer row : TEN) {
      assertThat(Paged.of(TEN, Paged.holding(TEN, 3, row::equals), 3).rows()).contains(row);
    }
    assertThat(Paged.holding(TEN, 3, row -> row > 4)).isEqualTo(2);
    assertThat(Paged.holding(TEN, 3, row -> row > 99)).isEqualTo(1);
    assertThat(Paged.holding(List.<Integer>of(), 3, row -> true)).isEqualTo(1);
  }
}
