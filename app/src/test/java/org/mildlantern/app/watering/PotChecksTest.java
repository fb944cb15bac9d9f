package org.mildlantern.app.watering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class PotChecksTest {
  @Autowired Keepers keepers;
  @Autowired PlantService plants;
  @Autowired PotChecks checks;
  @Autowired PotStateRepository states;
  @Autowired PotStateStore store;

  @Test
  void ofVeryManyPotsTheFirstAreWorkedOutAtOnceAndTheOthersBesideThePage() {
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    List<PlantView> all = new ArrayList<>();
    for (int i = 0; i < PotChecks.AT_ONCE + 15; i++) {
      PlantView plant = keepers.plant(keeper, sill, "Coleus scutellarioides");
      keepers.note(keeper, plant.id(), "watered 300");
      all.add(plant);
    }
    Map<Long, PotCheck> first = keepers.as(keeper, () -> checks.of(all));
    assertThat(first).hasSize(all.size());
    assertThat(first.values().stream().filter(check -> check.chance() != null))
        .hasSize(PotChecks.AT_ONCE);
    await()
        .atMost(Duration.ofSeconds(30))
        .untilAsserted(
            () ->
                assertThat(keepers.as(keeper, () -> checks.of(all)).values())
                    .allMatch(check -> check.chance() != null));
    await()
        .atMost(Duration.ofSeconds(30))
        .untilAsserted(() -> assertThat(keepers.as(keeper, states::all)).hasSize(all.size()));
  }

  @Test
  void aCheckIsWorkedOutAnewAfterAnEntry() {
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    PlantView plant = keepers.plant(keeper, sill, "Coleus scutellarioides");
    PotCheck before = keepers.as(keeper, () -> checks.of(List.of(plant))).get(plant.id());
    keepers.note(keeper, plant.id(), "watered 300");
    PotCheck after = keepers.as(keeper, () -> checks.of(List.of(plant))).get(plant.id());
    assertThat(after.dueOn()).isAfter(before.dueOn());
  }

  @Test
  void whatCouldNotBeWorkedOutBesideThePageIsToldAndTheRestGoesOn() {
    SignedIn keeper = keepers.make();
    Set<String> failed = ConcurrentHashMap.newKeySet();
    Set<String> done = ConcurrentHashMap.newKeySet();
    keepers.as(
        keeper,
        () -> {
          store.later(
              List.of("bad", "good"),
              part -> {
                if (part.equals("bad")) {
                  throw new IllegalStateException("for the test");
                }
                done.add(part);
              },
              failed::add);
          return null;
        });
    await()
        .atMost(Duration.ofSeconds(30))
        .untilAsserted(
            () -> {
              assertThat(done).containsExactly("good");
              assertThat(failed).containsExactly("bad");
            });
  }
}
