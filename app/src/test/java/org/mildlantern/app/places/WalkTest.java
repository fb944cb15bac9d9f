package org.mildlantern.app.places;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class WalkTest {
  private static final List<Long> ALL = List.of(1L, 2L, 3L, 4L, 5L);

  private static Optional<List<Long>> set(Long first, Long... order) {
    return Walk.set(ALL, Function.identity(), first, List.of(order));
  }

  @Test
  void thoseThatMoveChangePlacesAmongThemselves() {
    assertThat(set(null, 4L, 2L)).contains(List.of(1L, 4L, 3L, 2L, 5L));
    assertThat(set(null, 5L, 4L, 3L, 2L, 1L)).contains(List.of(5L, 4L, 3L, 2L, 1L));
    assertThat(set(null)).contains(ALL);
  }

  @Test
  void oneCanBePutBeforeAll() {
    assertThat(set(4L, 4L, 5L)).contains(List.of(4L, 1L, 2L, 3L, 5L));
  }

  @Test
  void oneThatIsNamedTwiceCountsOnce() {
    assertThat(set(null, 3L, 1L, 3L)).contains(List.of(3L, 2L, 1L, 4L, 5L));
  }

  @Test
  void whatIsNotThereCannotBeMoved() {
    assertThat(set(null, 1L, 9L)).isEmpty();
    assertThat(set(9L, 1L)).isEmpty();
  }
}
