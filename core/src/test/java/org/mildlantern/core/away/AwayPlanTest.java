package org.mildlantern.core.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mildlantern.core.knowledge.Absence;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Rest;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.PotFilter;

class AwayPlanTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Absence ABSENCE = Library.shipped().absence();

  private static final List<List<Means>> ONE_ROOM = List.of(List.of());

  private static Kind kind(String id) {
    return KNOWLEDGE.kind(KNOWLEDGE.taxa().find(id).orElseThrow());
  }

  private static Survival lasting(int least, int most) {
    return Survival.unfollowed(
        new Endurance("made-up", List.of(), 0.1, List.of(0, 1), List.of(least, most)));
  }

  private static Means means(String id, boolean full, double pace, double days, double minutes) {
    return new Means(id, null, id, full, pace, days, null, null, minutes, 0, "");
  }

  private static AwayPlan.Plant plant(int least, int most, Means... means) {
    return new AwayPlan.Plant(lasting(least, most), List.of(means), true, 0);
  }

  @Test
  void whatLastsNeedsNothingAndWhatDoesNotIsPrepared() {
    AwayPlan.Plant cactus = plant(60, 100, means("soak", true, 1, 0, 2));
    AwayPlan.Plant fern =
        plant(8, 14, means("soak", true, 1, 0, 2), means("bag", false, 0.35, 0, 3));
    AwayPlan plan =
        AwayPlan.of(List.of(cactus, fern), ONE_ROOM, new AwayPlan.Trip(14, 0.1, 60, 2, 5));
    assertThat(plan.visits()).isEmpty();
    assertThat(plan.plants().get(0).means()).isEmpty();
    assertThat(plan.plants().get(1).means()).extracting(Means::id).containsExactly("soak", "bag");
    assertThat(plan.above(0.1)).isZero();
  }

  @Test
  void aVisitIsPlannedWhereItIsCheaperThanTheLoss() {
    List<AwayPlan.Plant> thirsty = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      thirsty.add(plant(7, 11, means("soak", true, 1, 0, 2)));
    }
    AwayPlan plan = AwayPlan.of(thirsty, ONE_ROOM, new AwayPlan.Trip(12, 0.1, 60, 2, 5));
    assertThat(plan.visits()).hasSize(1);
    assertThat(plan.visits().get(0)).isBetween(5, 7);
    assertThat(plan.above(0.1)).isZero();
    AwayPlan alone = AwayPlan.of(thirsty, ONE_ROOM, new AwayPlan.Trip(12, 0.1, 60, 0, 5));
    assertThat(alone.above(0.1)).isEqualTo(12);
    AwayPlan.Choices choices =
        new AwayPlan.Choices(thirsty, ONE_ROOM, new AwayPlan.Trip(12, 0.1, 60, 2, 5));
    assertThat(choices.best()).usingRecursiveComparison().isEqualTo(plan);
    assertThat(choices.with(plan.visits()).cost()).isEqualTo(plan.cost());
    assertThat(choices.with(List.of()).above(0.1)).isEqualTo(12);
  }

  @Test
  void itIsAsCheapAsTryingAll() {
    Random random = new Random(11);
    for (int round = 0; round < 25; round++) {
      List<AwayPlan.Plant> plants = new ArrayList<>();
      for (int i = 0; i < 3; i++) {
        int least = 3 + random.nextInt(12);
        plants.add(
            plant(
                least,
                least + 2 + random.nextInt(15),
                means("soak", true, 1, 0, 1 + random.nextInt(4)),
                means("cool", false, 0.5 + random.nextDouble() / 2, 0, 1 + random.nextInt(6))));
      }
      AwayPlan.Trip trip = new AwayPlan.Trip(8, 0.1, 5 + random.nextInt(60), 2, 5);
      assertThat(AwayPlan.of(plants, ONE_ROOM, trip).cost())
          .isCloseTo(byHand(plants, trip), within(1e-9));
    }
  }

  /** Every set of visit days, every set of means of all plants, one by one. */
  private static double byHand(List<AwayPlan.Plant> plants, AwayPlan.Trip trip) {
    double best = Double.MAX_VALUE;
    for (int days = 0; days < 1 << (trip.days() - 1); days++) {
      if (Integer.bitCount(days) > trip.mostVisits()) {
        continue;
      }
      int visits = Integer.bitCount(days);
      double cost = visits * trip.visitCost();
      for (AwayPlan.Plant plant : plants) {
        double cheapest = Double.MAX_VALUE;
        for (int set = 0; set < 4; set++) {
          for (int watered = 0; watered <= (visits > 0 ? 1 : 0); watered++) {
            cheapest =
                Math.min(cheapest, one(plant, set, 1, watered == 1 ? days : 0, visits, trip));
          }
        }
        cost += cheapest;
      }
      best = Math.min(best, cost);
    }
    return best;
  }

  private static double one(
      AwayPlan.Plant plant, int set, double room, int days, int visits, AwayPlan.Trip trip) {
    double pace = room;
    boolean full = false;
    double cost = 0;
    for (int i = 0; i < 2; i++) {
      if ((set >> i & 1) == 1) {
        Means means = plant.means().get(i);
        pace *= means.pace();
        full |= means.full();
        cost += means.minutes();
      }
    }
    double well = 1;
    int since = 0;
    boolean fresh = full;
    for (int day = 1; day <= trip.days(); day++) {
      boolean visit = day < trip.days() && (days >> (day - 1) & 1) == 1;
      if (visit || day == trip.days()) {
        well *= 1 - plant.survival().harm(day - since, fresh, pace, 0);
        since = day;
        fresh = true;
      }
    }
    return cost + (days == 0 ? 0 : visits) + Math.max(0, 1 - well - trip.risk()) * 100 * 5;
  }

  @Test
  void manyPlantsDieLessOftenThanWithNothingDone() {
    Random random = new Random(5);
    List<AwayPlan.Plant> plants = new ArrayList<>();
    List<Kind> kinds = KNOWLEDGE.taxa().stream().map(KNOWLEDGE::kind).toList();
    for (int i = 0; i < 300; i++) {
      Kind kind = kinds.get(random.nextInt(kinds.size()));
      plants.add(
          new AwayPlan.Plant(
              Survival.unfollowed(ABSENCE.endurance(kind, Stage.GROWTH, false)),
              ABSENCE.means(kind, Stage.GROWTH, false),
              true,
              0));
    }
    AwayPlan.Trip trip = new AwayPlan.Trip(21, 0.1, 45, 3, 5);
    AwayPlan plan = AwayPlan.of(plants, ONE_ROOM, trip);
    double before = plants.stream().mapToDouble(p -> p.survival().harm(21, false, 1, 0)).sum();
    double after = plan.plants().stream().mapToDouble(AwayPlan.OfPlant::harm).sum();
    int deadBefore = 0;
    int deadAfter = 0;
    for (int i = 0; i < plants.size(); i++) {
      double luck = random.nextDouble();
      deadBefore += luck < plants.get(i).survival().harm(21, false, 1, 0) ? 1 : 0;
      deadAfter += luck < plan.plants().get(i).harm() ? 1 : 0;
    }
    assertThat(before).isGreaterThan(120);
    assertThat(after).isLessThan(before / 5);
    assertThat(deadAfter).isLessThan(deadBefore / 3);
  }

  @Test
  void aRoomIsChangedForAllOrForNoneWhateverIsCheapest() {
    Random random = new Random(23);
    for (int round = 0; round < 25; round++) {
      List<AwayPlan.Plant> plants = new ArrayList<>();
      List<List<Means>> rooms = new ArrayList<>();
      for (int room = 0; room < 2; room++) {
        rooms.add(
            List.of(
                means("heating", false, 0.6 + random.nextDouble() / 3, 0, 1 + random.nextInt(9)),
                means("blinds", false, 0.85, 0, 1 + random.nextInt(3))));
        for (int i = 0; i < 3; i++) {
          int least = 3 + random.nextInt(12);
          plants.add(
              new AwayPlan.Plant(
                  lasting(least, least + 2 + random.nextInt(15)),
                  List.of(
                      means("soak", true, 1, 0, 1 + random.nextInt(4)),
                      new Means(
                          "cool", Means.Kind.COOLER, "", false, 0.7, 0, null, null, 2, 0, "")),
                  random.nextInt(5) > 0,
                  room));
        }
      }
      AwayPlan.Trip trip = new AwayPlan.Trip(9, 0.1, 5 + random.nextInt(30), 2, 5);
      AwayPlan plan = AwayPlan.of(plants, rooms, trip);
      double least = Double.MAX_VALUE;
      for (int days = 0; days < 1 << 8; days++) {
        for (int done = 0; done < 16 && Integer.bitCount(days) <= trip.mostVisits(); done++) {
          least = Math.min(least, leftAs(plants, rooms, trip, days, done));
        }
      }
      assertThat(plan.cost()).isCloseTo(least, within(1e-9));
    }
  }

  /** Two rooms with two means each, of which some are done. */
  private static double leftAs(
      List<AwayPlan.Plant> plants,
      List<List<Means>> rooms,
      AwayPlan.Trip trip,
      int days,
      int done) {
    int visits = Integer.bitCount(days);
    double cost = visits * trip.visitCost();
    for (int bit = 0; bit < 4; bit++) {
      cost += (done >> bit & 1) == 1 ? rooms.get(bit / 2).get(bit % 2).minutes() : 0;
    }
    for (AwayPlan.Plant plant : plants) {
      double shared = 1;
      for (int i = 0; i < 2; i++) {
        boolean is = (done >> 2 * plant.room() + i & 1) == 1;
        shared *= is ? rooms.get(plant.room()).get(i).pace() : 1;
      }
      double cheapest = Double.MAX_VALUE;
      for (int set = 0; set < 4; set++) {
        double pace = (set & 2) == 2 ? 1 : shared;
        for (int on : plant.drinks() && days > 0 ? new int[] {0, days} : new int[] {0}) {
          cheapest = Math.min(cheapest, one(plant, set, pace, on, visits, trip));
        }
      }
      cost += cheapest;
    }
    return cost;
  }

  static Stream<Kind> kinds() {
    return KNOWLEDGE.taxa().stream().map(KNOWLEDGE::kind);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void nothingIsDoneToAPlantThatHarmsItsWayOfLife(Kind kind) {
    List<Means> means = ABSENCE.means(kind, Stage.GROWTH, false);
    if (kind.way().id().equals("dry-store")) {
      assertThat(means).extracting(Means::id).doesNotContain("deep-tray", "bag", "soak", "wick");
    }
    if (!kind.way().tags().contains("wet")) {
      assertThat(means).extracting(Means::id).doesNotContain("deep-tray");
    }
    if (kind.way().tags().contains("wet")) {
      assertThat(means).extracting(Means::id).doesNotContain("cooler");
    }
    assertThat(ABSENCE.endurance(kind, Stage.GROWTH, false)).isNotNull();
    boolean dry = kind.habits().rest().as() == Rest.As.DRY;
    if (dry) {
      assertThat(ABSENCE.means(kind, Stage.REST, true)).isEmpty();
    }
  }

  @Test
  void aBogPlantIsHarmedSoonerThanASucculentAndNeverLessLater() {
    double[] demand = {1};
    PotFilter pot = new PotFilter(0.06).water();
    Survival bog =
        Survival.of(pot, demand, ABSENCE.endurance(kind("dionaea"), Stage.GROWTH, false));
    Survival store =
        Survival.of(pot, demand, ABSENCE.endurance(kind("echeveria"), Stage.GROWTH, false));
    assertThat(bog.dayOf(0.1)).isPositive().isLessThan(25);
    assertThat(store.harm(21, false, 1, 0)).isLessThan(0.02);
    for (int day = 1; day < Survival.DAYS; day++) {
      assertThat(bog.asItStands()[day]).isGreaterThanOrEqualTo(bog.asItStands()[day - 1] - 1e-9);
    }
    assertThat(bog.standing(9).harm(12, true, 1, 0)).isLessThan(bog.harm(12, true, 1, 0));
  }

  @Test
  void aTripHasBounds() {
    assertThatThrownBy(() -> new AwayPlan.Trip(0, 0.1, 30, 1, 5))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new AwayPlan.Trip(9, 1, 30, 1, 5))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
