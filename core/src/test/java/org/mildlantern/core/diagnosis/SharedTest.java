package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.diagnosis.Shared.Cluster;
import org.mildlantern.core.diagnosis.Shared.Plant;

class SharedTest {
  private static Plant plant(long id, String kind, long place, String... signs) {
    return new Plant(id, kind, place, Set.of(signs));
  }

  private static List<Plant> with(Plant... some) {
    return Stream.concat(
            Stream.of(some), LongStream.range(100, 110).mapToObj(id -> plant(id, "Well" + id, 2)))
        .toList();
  }

  @Test
  void unlikePlantsInOnePlacePointToThePlace() {
    List<Cluster> clusters =
        Shared.clusters(
            with(
                plant(1, "Hoya", 1, "crisp-margins"),
                plant(2, "Begonia", 1, "crisp-margins"),
                plant(3, "Ficus", 1)));
    assertThat(clusters).hasSize(1);
    Cluster place = clusters.get(0);
    assertThat(place.ofPlace()).isTrue();
    assertThat(place.plants()).containsExactly(1L, 2L);
    // 2 of 3 here, none of 10 elsewhere: 2.5 × 10.5 / (1.5 × 0.5)
    assertThat(place.odds()).isCloseTo(35, within(1e-9));
  }

  @Test
  void oneKindInManyPlacesPointsToTheKind() {
    List<Cluster> clusters =
        Shared.clusters(with(plant(1, "Hoya", 1, "brown-tips"), plant(2, "Hoya", 3, "brown-tips")));
    assertThat(clusters).singleElement().satisfies(c -> assertThat(c.key()).isEqualTo("Hoya"));
  }

  @Test
  void onePlantOrASignThatIsEverywhereIsNoCluster() {
    assertThat(Shared.clusters(with(plant(1, "Hoya", 1, "brown-tips")))).isEmpty();
    assertThat(
            Shared.clusters(
                List.of(
                    plant(1, "Hoya", 1, "x"),
                    plant(2, "Ficus", 1, "x"),
                    plant(3, "Begonia", 2, "x"),
                    plant(4, "Aloe", 2, "x"))))
        .isEmpty();
  }
}
