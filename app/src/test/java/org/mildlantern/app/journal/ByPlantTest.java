package org.mildlantern.app.journal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ByPlantTest {
  private final ByPlant<Long, String> kept = new ByPlant<>();
  private final Map<Long, Long> newest = new HashMap<>(Map.of(1L, 10L, 2L, 20L));
  private final List<Long> worked = new ArrayList<>();

  private Map<Long, String> all() {
    return kept.all(
        List.of(1L, 2L, 3L),
        plant -> newest.getOrDefault(plant, 0L),
        unknown -> {
          worked.addAll(unknown);
          Map<Long, String> values = new HashMap<>();
          unknown.stream()
              .filter(newest::containsKey)
              .forEach(plant -> values.put(plant, plant + " at " + newest.get(plant)));
          return values;
        },
        "nothing");
  }

  @Test
  void aValueIsWorkedOutOnceUntilWhatItComesFromChanges() {
    assertThat(all()).containsEntry(1L, "1 at 10").containsEntry(3L, "nothing");
    assertThat(all()).hasSize(3);
    assertThat(worked).containsExactly(1L, 2L, 3L);
    newest.put(2L, 21L);
    assertThat(all()).containsEntry(2L, "2 at 21").containsEntry(1L, "1 at 10");
    assertThat(worked).containsExactly(1L, 2L, 3L, 2L);
  }

  @Test
  void aValueOfOtherOriginIsNotFound() {
    kept.keep(1L, 10L, "old");
    assertThat(kept.find(1L, 10L)).contains("old");
    assertThat(kept.find(1L, 11L)).isEmpty();
    assertThat(kept.find(2L, 10L)).isEmpty();
  }
}
