package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.season.BloomForecast.Buds;

class CueLedgerTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 8, 1);
  private static final CueLedger.Cue CUE =
      new CueLedger.Cue(14, 28, FIRST, LocalDate.of(2026, 10, 31));

  private static Map<LocalDate, Double> nights(int count, double low) {
    Map<LocalDate, Double> lows = new HashMap<>();
    for (int i = 0; i < count; i++) {
      lows.put(FIRST.plusDays(i), low);
    }
    return lows;
  }

  @Test
  void nightsThatWereReadAreCountedAndNoOthers() {
    Map<LocalDate, Double> lows = nights(18, 12);
    lows.putAll(nights(6, 17));
    LocalDate today = FIRST.plusDays(17);
    CueLedger ledger = CueLedger.of(CUE, lows, day -> 16, today);
    assertThat(ledger.counted()).isEqualTo(12);
    assertThat(ledger.spread()).isZero();
    assertThat(ledger.read()).isEqualTo(18);
    assertThat(ledger.done()).isNull();
    assertThat(ledger.elsewhere(CUE, 11, today)).isBetween(today.plusDays(16), today.plusDays(18));
  }

  @Test
  void gapsCountByTheirChanceWithABand() {
    CueLedger half = CueLedger.of(CUE, Map.of(), day -> 14, FIRST.plusDays(19));
    assertThat(half.counted()).isCloseTo(10, within(1e-6));
    assertThat(half.spread()).isCloseTo(Math.sqrt(20 * 0.25), within(1e-6));
    assertThat(half.done()).isEqualTo(FIRST.plusDays(19 + 36));
  }

  @Test
  void aWarmPlaceNeverGivesThemAndAColdOneHasGivenThem() {
    assertThat(CueLedger.of(CUE, Map.of(), day -> 22, FIRST.plusDays(60)).done()).isNull();
    CueLedger cold = CueLedger.of(CUE, nights(40, 9), day -> 9, FIRST.plusDays(39));
    assertThat(cold.isDone()).isTrue();
    assertThat(cold.done()).isEqualTo(FIRST.plusDays(39));
  }

  @Test
  void theMonthsOfACueAreThoseAboutTheDayOrToCome() {
    BloomYear cymbidium = Library.shipped().knowledge().course(Kinds.taxon("cymbidium")).bloom();
    CueLedger.Cue now = CueLedger.Cue.of(cymbidium, LocalDate.of(2026, 9, 15), 52);
    assertThat(now.from()).isEqualTo(LocalDate.of(2026, 8, 1));
    assertThat(now.until()).isEqualTo(LocalDate.of(2026, 12, 31));
    CueLedger.Cue south = CueLedger.Cue.of(cymbidium, LocalDate.of(2026, 3, 15), -35);
    assertThat(south.from()).isEqualTo(LocalDate.of(2026, 2, 1));
    CueLedger.Cue next = CueLedger.Cue.of(cymbidium, LocalDate.of(2027, 1, 15), 52);
    assertThat(next.from()).isEqualTo(LocalDate.of(2027, 8, 1));
  }

  @Test
  void budsOpenByDegreeDays() {
    BloomYear nobile =
        Library.shipped().knowledge().course(Kinds.taxon("dendrobium-nobile")).bloom();
    LocalDate seen = LocalDate.of(2026, 2, 1);
    BloomForecast warm = BloomForecast.of(nobile, Buds.today(seen, 20), 4, List.of()).orElseThrow();
    assertThat(warm.from()).isEqualTo(seen.plusWeeks(6));
    assertThat(warm.to()).isEqualTo(seen.plusWeeks(9));
    assertThat(warm.ends()).isEqualTo(seen.plusWeeks(13));
    BloomForecast cool = BloomForecast.of(nobile, Buds.today(seen, 15), 4, List.of()).orElseThrow();
    assertThat(cool.from()).isEqualTo(seen.plusWeeks(9));
    assertThat(BloomForecast.of(null, Buds.today(seen, 20), 4, List.of())).isEmpty();
  }

  @Test
  void itsOwnBloomsNarrowTheDay() {
    BloomYear nobile =
        Library.shipped().knowledge().course(Kinds.taxon("dendrobium-nobile")).bloom();
    LocalDate seen = LocalDate.of(2026, 2, 1);
    BloomForecast usual =
        BloomForecast.of(nobile, Buds.today(seen, 20), 4, List.of()).orElseThrow();
    BloomForecast.Past took55 = new BloomForecast.Past(55, 20);
    BloomForecast known =
        BloomForecast.of(nobile, Buds.today(seen, 20), 4, List.of(took55, took55)).orElseThrow();
    assertThat(known.from()).isAfter(usual.from());
    assertThat(known.to()).isBefore(usual.to());
    assertThat(known.middle()).isAfter(usual.middle()).isBefore(seen.plusDays(56));
    BloomForecast coolYears =
        BloomForecast.of(nobile, Buds.today(seen, 20), 4, List.of(new BloomForecast.Past(60, 15)))
            .orElseThrow();
    assertThat(coolYears.middle()).isBefore(usual.middle());
  }

  @Test
  void aMoveChangesOnlyWhatIsLeft() {
    BloomYear nobile =
        Library.shipped().knowledge().course(Kinds.taxon("dendrobium-nobile")).bloom();
    LocalDate seen = LocalDate.of(2026, 2, 1);
    LocalDate today = seen.plusDays(21);
    BloomForecast moved =
        BloomForecast.of(nobile, new Buds(seen, 20, today, 10), 4, List.of()).orElseThrow();
    assertThat(moved.from()).isEqualTo(today.plusDays(3 * 21));
    LocalDate late = seen.plusDays(200);
    BloomForecast overdue =
        BloomForecast.of(nobile, new Buds(seen, 20, late, 20), 4, List.of()).orElseThrow();
    assertThat(overdue.from()).isEqualTo(late);
  }

  @Test
  void aFlowerIsOpenBetweenItsDays() {
    BloomYear nobile =
        Library.shipped().knowledge().course(Kinds.taxon("dendrobium-nobile")).bloom();
    LocalDate seen = LocalDate.of(2026, 2, 1);
    BloomForecast warm = BloomForecast.of(nobile, Buds.today(seen, 20), 4, List.of()).orElseThrow();
    assertThat(warm.openOn(seen.plusWeeks(4))).isLessThan(0.01);
    assertThat(warm.openOn(warm.middle())).isBetween(0.45, 0.55);
    assertThat(warm.openOn(seen.plusWeeks(10))).isGreaterThan(0.9);
    assertThat(warm.openOn(seen.plusWeeks(16))).isLessThan(0.05);
  }

  @Test
  void budsDropForEachReasonAndMoreForSeveral() {
    BloomYear hoya = Library.shipped().knowledge().course(Kinds.taxon("hoya-carnosa")).bloom();
    BudDrop mild = BudDrop.of(null, new BudDrop.Change(0, 60.0, 50, 0));
    BudDrop shy = BudDrop.of(hoya, new BudDrop.Change(0, 60.0, 50, 0));
    BudDrop worse = BudDrop.of(hoya, new BudDrop.Change(8, 30.0, 50, -2));
    assertThat(mild.reasons()).isEmpty();
    assertThat(shy.reasons()).containsExactly(BudDrop.Why.MOVE_SHY);
    assertThat(worse.reasons()).hasSize(4);
    assertThat(mild.chance()).isLessThan(shy.chance());
    assertThat(shy.chance()).isLessThan(worse.chance());
    assertThat(worse.chance()).isLessThan(1);
  }
}
