package org.mildlantern.core.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.round.WaterCheck.LastSeen;

class WaterCheckTest {
  private static final LocalDate JULY = LocalDate.of(2026, 7, 1);

  private final Taxon elm = Knowledge.load().taxon("ulmus-parvifolia").orElseThrow();
  private final Taxon echeveria = Knowledge.load().taxon("echeveria").orElseThrow();

  private static LocalDate due(Taxon taxon, LastSeen last, LocalDate on) {
    return WaterCheck.next(taxon, last, on, 53).dueOn();
  }

  @Test
  void aThirstyKindIsLookedAtSoonerThanAStoringOne() {
    assertThat(due(elm, LastSeen.WATERED, JULY)).isEqualTo(JULY.plusDays(2));
    assertThat(due(echeveria, LastSeen.WATERED, JULY)).isEqualTo(JULY.plusDays(9));
  }

  @Test
  void restLengthensTheInterval() {
    LocalDate january = LocalDate.of(2026, 1, 5);
    assertThat(due(echeveria, LastSeen.WATERED, january)).isEqualTo(january.plusDays(24));
    assertThat(WaterCheck.next(echeveria, LastSeen.WATERED, january, -35).dueOn())
        .isEqualTo(january.plusDays(9));
  }

  @Test
  void theWetterItWasTheLaterTheLook() {
    LocalDate dry = due(echeveria, LastSeen.DRY, JULY);
    LocalDate damp = due(echeveria, LastSeen.DAMP, JULY);
    LocalDate wet = due(echeveria, LastSeen.WET, JULY);
    LocalDate watered = due(echeveria, LastSeen.WATERED, JULY);
    assertThat(dry).isBefore(damp);
    assertThat(damp).isBefore(wet);
    assertThat(wet).isBefore(watered);
  }

  @Test
  void aPlantOfUnknownKindAndWithoutEntriesIsLookedAtAtOnce() {
    assertThat(due(null, LastSeen.NOTHING, JULY)).isEqualTo(JULY);
    assertThat(due(null, LastSeen.WATERED, JULY)).isEqualTo(JULY.plusDays(5));
  }
}
