package org.mildlantern.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Library;

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
    CueLedger ledger = CueLedger.of(CUE, lows, 16, today);
    assertThat(ledger.counted()).isEqualTo(12);
    assertThat(ledger.spread()).isZero();
    assertThat(ledger.read()).isEqualTo(18);
    assertThat(ledger.done()).isNull();
    assertThat(ledger.elsewhere(CUE, 11, today)).isBetween(today.plusDays(16), today.plusDays(18));
  }

  @Test
  void gapsCountByTheirChanceWithABand() {
    CueLedger half = CueLedger.of(CUE, Map.of(), 14, FIRST.plusDays(19));
    assertThat(half.counted()).isCloseTo(10, within(1e-6));
    assertThat(half.spread()).isCloseTo(Math.sqrt(20 * 0.25), within(1e-6));
    assertThat(half.done()).isEqualTo(FIRST.plusDays(19 + 36));
  }

  @Test
  void aWarmPlaceNeverGivesThemAndAColdOneHasGivenThem() {
    assertThat(CueLedger.of(CUE, Map.of(), 22, FIRST.plusDays(60)).done()).isNull();
    CueLedger cold = CueLedger.of(CUE, nights(40, 9), 9, FIRST.plusDays(39));
    assertThat(cold.isDone()).isTrue();
    assertThat(cold.done()).isEqualTo(FIRST.plusDays(39));
  }

  @Test
  void theMonthsOfACueAreThoseAboutTheDayOrToCome() {
    BloomYear cymbidium = Library.shipped().knowledge().course(Kinds.taxon("cymbidium")).bloom();
    CueLedger.Cue now = CueLedger.Cue.of(cymbidium, LocalDate.of(2026, 9, 15), 52);
    assertThat(now.from()).isEqualTo(LocalDate.of(2026, 8, 1));
    assertThat(now.until()).isEqualTo(LocalDate.of(2026, 10, 31));
    CueLedger.Cue south = CueLedger.Cue.of(cymbidium, LocalDate.of(2026, 3, 15), -35);
    assertThat(south.from()).isEqualTo(LocalDate.of(2026, 2, 1));
    CueLedger.Cue next = CueLedger.Cue.of(cymbidium, LocalDate.of(2026, 12, 15), 52);
    assertThat(next.from()).isEqualTo(LocalDate.of(2027, 8, 1));
  }

  @Test
  void budsOpenByDegreeDays() {
    BloomYear nobile =
        Library.shipped().knowledge().course(Kinds.taxon("dendrobium-nobile")).bloom();
    LocalDate seen = LocalDate.of(2026, 2, 1);
    BloomForecast warm = BloomForecast.of(nobile, seen, 20, 4).orElseThrow();
    assertThat(warm.from()).isEqualTo(seen.plusWeeks(6));
    assertThat(warm.to()).isEqualTo(seen.plusWeeks(9));
    assertThat(warm.ends()).isEqualTo(seen.plusWeeks(13));
    BloomForecast cool = BloomForecast.of(nobile, seen, 15, 4).orElseThrow();
    assertThat(cool.from()).isEqualTo(seen.plusWeeks(9));
    assertThat(BloomForecast.of(null, seen, 20, 4)).isEmpty();
  }
}
