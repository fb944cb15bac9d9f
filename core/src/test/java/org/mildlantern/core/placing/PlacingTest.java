package org.mildlantern.core.placing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.light.LightWish;

class PlacingTest {
  private static final LightWish BRIGHT = new LightWish(8, 16);
  private static final LightWish DIM = new LightWish(2, 5);

  private static Stand stand(long id, int holds, double dli) {
    return new Stand(id, holds, List.of(dli), Stand.Airs.UNKNOWN, false);
  }

  private static Guest guest(long id, long at, LightWish wish) {
    return new Guest(id, at, wish, null, Guest.Moving.LIGHTLY);
  }

  @Test
  void twoThatStandOnEachOthersPlaceChange() {
    List<Placing.Move> moves =
        Placing.best(
            List.of(guest(1, 10, BRIGHT), guest(2, 20, DIM)),
            List.of(stand(10, 1, 3), stand(20, 1, 12)));
    assertThat(moves).extracting(move -> move.guest().id()).containsExactlyInAnyOrder(1L, 2L);
    assertThat(moves).allMatch(move -> move.gain() > 0);
  }

  @Test
  void noMoveIsAnAnswerToo() {
    assertThat(
            Placing.best(
                List.of(guest(1, 10, BRIGHT), guest(2, 20, BRIGHT)),
                List.of(stand(10, 1, 9), stand(20, 5, 10))))
        .isEmpty();
    // A little more light is not worth the way.
    assertThat(
            Placing.best(List.of(guest(1, 10, BRIGHT)), List.of(stand(10, 1, 7), stand(20, 1, 9))))
        .isEmpty();
    assertThat(Placing.best(List.of(), List.of())).isEmpty();
    assertThat(Placing.best(List.of(guest(1, 99, DIM)), List.of(stand(10, 1, 3)))).isEmpty();
  }

  @Test
  void whatMustStayStaysAndTakesItsRoom() {
    Guest inBud = new Guest(1, 20, DIM, null, Guest.Moving.STAYS);
    assertThat(
            Placing.best(
                List.of(inBud, guest(2, 10, BRIGHT)), List.of(stand(10, 1, 1), stand(20, 1, 12))))
        .isEmpty();
    Stand apart = new Stand(20, 5, List.of(12.0), Stand.Airs.UNKNOWN, true);
    assertThat(Placing.best(List.of(guest(2, 10, BRIGHT)), List.of(stand(10, 1, 1), apart)))
        .isEmpty();
    assertThat(Placing.best(List.of(guest(2, 20, BRIGHT)), List.of(stand(10, 1, 9), apart)))
        .isEmpty();
  }

  @Test
  void aPlaceWithFrostIsNoPlaceForWhatDoesNotBearIt() {
    Guest tender = new Guest(1, 10, BRIGHT, new Guest.Bears(12, 30, 40), Guest.Moving.LIGHTLY);
    Guest hardy = new Guest(2, 10, BRIGHT, new Guest.Bears(-8, 30, 40), Guest.Moving.LIGHTLY);
    Stand dark = new Stand(10, 2, List.of(1.0), new Stand.Airs(15.0, 24.0, 45.0), false);
    Stand bench = new Stand(20, 2, List.of(12.0), new Stand.Airs(-4.0, 20.0, 80.0), false);
    assertThat(Placing.best(List.of(tender, hardy), List.of(dark, bench)))
        .extracting(move -> move.guest().id())
        .containsExactly(2L);
    assertThat(Misfit.of(tender, bench).most()).isEqualTo(Misfit.Want.WARMTH);
    assertThat(Misfit.of(tender, dark).most()).isEqualTo(Misfit.Want.LIGHT);
    assertThat(Misfit.of(hardy, bench).points()).isZero();
  }

  @Test
  void whatIsNotKnownCountsForNothing() {
    Guest unknown = new Guest(1, 10, null, null, Guest.Moving.LIGHTLY);
    assertThat(Misfit.of(unknown, stand(10, 1, 0)).points()).isZero();
    assertThat(Misfit.of(unknown, stand(10, 1, 0)).most()).isEqualTo(Misfit.Want.NOTHING);
    Stand blind = new Stand(10, 1, List.of(), Stand.Airs.UNKNOWN, false);
    assertThat(Misfit.of(guest(1, 10, BRIGHT), blind).points()).isZero();
  }

  @Test
  void ofVeryManyThoseThatStandWorstAreWeighed() {
    List<Stand> stands =
        IntStream.range(0, 200).mapToObj(i -> stand(i, 60, i < 100 ? 2 : 12)).toList();
    List<Guest> guests =
        IntStream.range(0, 10_000)
            .mapToObj(i -> guest(i, i % 200, i % 1000 == 0 ? BRIGHT : i % 200 < 100 ? DIM : BRIGHT))
            .toList();
    List<Placing.Move> moves = Placing.best(guests, stands);
    assertThat(moves).extracting(move -> move.guest().id()).allMatch(id -> id % 1000 == 0);
    assertThat(moves).isNotEmpty();
  }

  @Test
  void smallCasesAreAsGoodAsTryingThemAll() {
    Random random = new Random(7);
    for (int n = 0; n < 60; n++) {
      List<Stand> stands =
          IntStream.range(0, 3).mapToObj(i -> stand(i, 2, 1 + random.nextInt(20))).toList();
      List<Guest> guests = new ArrayList<>();
      for (int i = 0; i < 5; i++) {
        guests.add(guest(i, i % 3, new LightWish(1 + random.nextInt(6), 8 + random.nextInt(9))));
      }
      List<Placing.Move> moves = Placing.best(guests, stands);
      assertThat(cost(guests, stands, moves)).isLessThanOrEqualTo(least(guests, stands) + 1e-6);
    }
  }

  private static double cost(List<Guest> guests, List<Stand> stands, List<Placing.Move> moves) {
    double cost = 0.6 * moves.size();
    for (Guest guest : guests) {
      long at =
          moves.stream()
              .filter(move -> move.guest().equals(guest))
              .map(move -> move.to().id())
              .findFirst()
              .orElse(guest.at());
      cost += Misfit.of(guest, stands.get((int) at)).points();
    }
    return cost;
  }

  private static double least(List<Guest> guests, List<Stand> stands) {
    double least = Double.MAX_VALUE;
    for (int way = 0; way < 243; way++) {
      int[] on = new int[3];
      double cost = 0;
      int rest = way;
      for (Guest guest : guests) {
        int at = rest % 3;
        rest /= 3;
        on[at]++;
        cost += Misfit.of(guest, stands.get(at)).points() + (at == guest.at() ? 0 : 0.6);
      }
      if (on[0] <= 2 && on[1] <= 2 && on[2] <= 2) {
        least = Math.min(least, cost);
      }
    }
    return least;
  }
}
