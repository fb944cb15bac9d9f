package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Lifted;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.StoodInWater;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.journal.Weighed;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Watering;
import org.mildlantern.core.knowledge.Wish;

class WaterStoryTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
  private static final PotShape POT = PotShape.of(PotShape.Kind.ROUND, 13, null);
  private static final Holding HOLDING =
      Holding.of(POT, Library.shipped().media().mixOf("house-compost").orElseThrow());
  private final List<PotEvent> events = new ArrayList<>();

  private void watered(int ago, Double ml, Watered.RunOff runOff) {
    seen(ago, new Watered(ml, runOff));
  }

  private void seen(int ago, Note note) {
    events.add(new PotEvent(TODAY.minusDays(ago), note));
  }

  private static Weighed weight(double grams) {
    return new Weighed(grams, Weighed.State.AS_IT_WAS);
  }

  private WaterStory story() {
    return WaterStory.tell(HOLDING, 0.1, events, TODAY, day -> 0.8, TODAY.minusDays(10));
  }

  private WaterOutlook outlook(Watering habit) {
    Wish wish = Library.shipped().media().wish(habit);
    return WaterOutlook.of(story(), HOLDING, wish, TODAY, day -> 0.8);
  }

  @Test
  void aSoakedPotIsLeftAloneAndADryOneLookedAtTomorrow() {
    watered(0, null, Watered.RunOff.THROUGH);
    assertThat(outlook(Watering.DRY_BETWEEN).lookOn()).isAfter(TODAY.plusDays(2));
    events.clear();
    watered(9, null, Watered.RunOff.THROUGH);
    seen(0, Felt.probe(Moisture.DRY, Moisture.DRY, Moisture.DRY));
    assertThat(outlook(Watering.EVENLY_MOIST).lookOn()).isEqualTo(TODAY.plusDays(1));
  }

  @Test
  void weightsCalibrateThemselvesFromDrainedAndDry() {
    seen(9, new Weighed(400, Weighed.State.DRY));
    watered(9, null, Watered.RunOff.THROUGH);
    seen(9, new Weighed(700, Weighed.State.DRAINED));
    seen(0, weight(490));
    WaterStory story = story();
    assertThat(story.drainedGrams()).isEqualTo(700);
    assertThat(story.dryGrams()).isEqualTo(400);
    assertThat(story.now().mean()).isCloseTo(0.3, within(0.04));
    events.remove(3);
    seen(0, weight(640));
    assertThat(story().now().mean()).isCloseTo(0.8, within(0.06));
  }

  @Test
  void aWeightBeforeAnyDrainedOneTellsNothing() {
    watered(5, null, Watered.RunOff.NOT_SAID);
    double without = story().now().mean();
    seen(0, weight(490));
    assertThat(story().now().mean()).isCloseTo(without, within(1e-9));
    assertThat(WaterStory.ofWeight(490, null, null, 200)).isNull();
  }

  @Test
  void drinksThatNobodyNotedAreSeenOnTheScaleAndDoNotSlowThePace() {
    double left = 1;
    seen(60, new Weighed(700, Weighed.State.DRAINED));
    double dry = 700 - HOLDING.availableMl();
    for (int ago = 59; ago > 0; ago--) {
      left -= 0.1;
      if (left < 0.2) {
        left = 1;
      }
      seen(ago, weight(dry + left * HOLDING.availableMl()));
    }
    WaterStory story = story();
    assertThat(story.now().pace() * 0.8).isBetween(0.07, 0.14);
    assertThat(outlook(Watering.DRY_BETWEEN).change().words()).isEmpty();
  }

  @Test
  void aSipFillsLessThanASoakAndStandingFillsItWhole() {
    seen(4, Felt.probe(Moisture.DRY, Moisture.DRY, Moisture.DRY));
    watered(0, 0.25 * HOLDING.availableMl(), Watered.RunOff.NONE);
    double sip = story().now().mean();
    assertThat(sip).isBetween(0.2, 0.6);
    seen(0, new StoodInWater());
    assertThat(story().now().mean()).isGreaterThan(0.95);
  }

  @Test
  void theTrailHasEveryDayAndMarksWhatWasNoted() {
    watered(8, null, Watered.RunOff.THROUGH);
    seen(3, new Lifted(false));
    List<WaterStory.Point> trail = story().trail();
    assertThat(trail).extracting(WaterStory.Point::day).contains(TODAY.minusDays(8), TODAY);
    assertThat(trail.stream().filter(WaterStory.Point::noted)).hasSize(2);
    assertThat(trail.stream().filter(WaterStory.Point::watered)).hasSize(1);
  }

  @Test
  void aFasterPaceIsTold() {
    for (int ago = 120; ago > 40; ago -= 12) {
      watered(ago, null, Watered.RunOff.THROUGH);
      seen(ago - 11, Felt.probe(Moisture.DRY, Moisture.DAMP, Moisture.DAMP));
    }
    for (int ago = 34; ago > 0; ago -= 4) {
      watered(ago, null, Watered.RunOff.THROUGH);
      seen(ago - 3, Felt.probe(Moisture.DRY, Moisture.DRY, Moisture.DRY));
    }
    PaceChange change = outlook(Watering.DRY_BETWEEN).change();
    assertThat(change.ratio()).isGreaterThan(1.5);
    assertThat(change.words()).contains("times as fast as five weeks ago");
    assertThat(change.faster() + change.slower()).isLessThanOrEqualTo(1.001);
  }

  @Test
  void theWorkingSaysWhatItRestsOn() {
    watered(3, null, Watered.RunOff.NOT_SAID);
    WaterOutlook outlook = outlook(Watering.EVENLY_MOIST);
    assertThat(outlook.working().steps()).extracting("name").contains("Left now", "Its pace");
    assertThat(outlook.drinkMl()).isBetween(10.0, HOLDING.availableMl());
    assertThat(outlook.soonest()).isBeforeOrEqualTo(outlook.latest());
  }
}
