package org.mildlantern.core.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.round.WaterCheck.LastSeen;

class WaterCheckTest {
  private static final LocalDate JULY = LocalDate.of(2026, 7, 1);

  private final Kind elm = Kinds.taxon("ulmus-parvifolia");
  private final Kind echeveria = Kinds.taxon("echeveria");

  private static LocalDate due(Kind taxon, LastSeen last, LocalDate on) {
    return WaterCheck.next(taxon, taxon.restsOn(on, 53), last, on, 53).dueOn();
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
    assertThat(WaterCheck.next(echeveria, false, LastSeen.WATERED, january, -35).dueOn())
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
  void aPlantOfUnknownKindIsLookedAtAsItsFormUsuallyIs() {
    assertThat(due(Kinds.form("leafy-stem"), LastSeen.NOTHING, JULY)).isEqualTo(JULY);
    assertThat(due(Kinds.form("leafy-stem"), LastSeen.WATERED, JULY)).isEqualTo(JULY.plusDays(4));
    assertThat(due(Kinds.form("succulent-stem"), LastSeen.WATERED, JULY))
        .isEqualTo(JULY.plusDays(9));
  }
}
