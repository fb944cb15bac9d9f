package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.knowledge.Library;

class WetnessTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
  private static final Holding HOLDING =
      Holding.of(
          PotShape.of(PotShape.Kind.ROUND, 12, null),
          Library.shipped().media().mixOf("house-compost").orElseThrow());

  private final List<PotEvent> events = new ArrayList<>();

  private WetnessTest soaked(int ago) {
    events.add(new PotEvent(TODAY.minusDays(ago), new Watered(null, Watered.RunOff.THROUGH)));
    return this;
  }

  private WetnessTest felt(int ago, Moisture moisture) {
    events.add(new PotEvent(TODAY.minusDays(ago), Felt.probe(moisture)));
    return this;
  }

  private Optional<Wetness> now() {
    WaterStory story = WaterStory.tell(HOLDING, 0.08, events, TODAY, day -> 1, TODAY.minusDays(60));
    return Wetness.of(story, TODAY);
  }

  @Test
  void justSoakedIsWetSinceTheDrinkIntoADryPot() {
    Wetness wet = soaked(20).felt(9, Moisture.DRY).soaked(2).now().orElseThrow();
    assertThat(wet.now()).isEqualTo(Moisture.WET);
    assertThat(wet.wetDays()).isEqualTo(2);
    assertThat(wet.dryDays()).isZero();
  }

  @Test
  void drinksIntoAPotThatIsWetKeepItWet() {
    Wetness wet =
        soaked(20)
            .soaked(16)
            .felt(13, Moisture.WET)
            .soaked(12)
            .soaked(8)
            .soaked(4)
            .soaked(1)
            .now()
            .orElseThrow();
    assertThat(wet.now()).isEqualTo(Moisture.WET);
    assertThat(wet.wetDays()).isGreaterThanOrEqualTo(19);
  }

  @Test
  void aPotLeftAloneIsDryForAsLongAsItHasBeen() {
    Wetness dry = soaked(40).felt(28, Moisture.DRY).felt(20, Moisture.DRY).now().orElseThrow();
    assertThat(dry.now()).isEqualTo(Moisture.DRY);
    assertThat(dry.dryDays()).isGreaterThanOrEqualTo(20);
    assertThat(dry.wetDays()).isZero();
  }

  @Test
  void tooLittleOrTooOldSaysNothing() {
    assertThat(soaked(2).now()).isEmpty();
    events.clear();
    assertThat(soaked(60).soaked(50).felt(45, Moisture.DRY).now()).isEmpty();
  }
}
