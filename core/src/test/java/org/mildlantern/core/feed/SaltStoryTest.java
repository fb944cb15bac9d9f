package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.SaltStory.Drink;
import org.mildlantern.core.feed.SaltStory.Event;
import org.mildlantern.core.feed.SaltStory.Of;
import org.mildlantern.core.feed.SaltStory.Ran;
import org.mildlantern.core.feed.SaltStory.Read;

class SaltStoryTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);
  private static final Of ORCHID = new Of(400, 0.5, false, 0.5, false);

  private static List<Event> drinks(int count, Ran ran, double ec) {
    List<Event> drinks = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      drinks.add(new Drink(FIRST.plusDays(5L * i), null, ran, ec));
    }
    return drinks;
  }

  private static SaltStory told(List<Event> drinks) {
    return SaltStory.tell(ORCHID, drinks, 6, FIRST.plusDays(365));
  }

  @Test
  void hardWaterThatStaysPilesUpUntilItHarms() {
    SaltStory story = told(drinks(40, Ran.STAYED, 0.6));
    assertThat(story.isOver()).isTrue();
    assertThat(story.days()).hasValue(0);
    assertThat(story.flushLitres(0.02).orElseThrow()).isGreaterThan(0.4);
    assertThat(story.flushLitres(0.6)).isEmpty();
    assertThat(story.ec().low()).isLessThan(story.ec().value());
  }

  @Test
  void rainNeverDoes() {
    SaltStory story = told(drinks(40, Ran.NOT_SAID, 0.03));
    assertThat(story.isOver()).isFalse();
    assertThat(story.days()).isEmpty();
  }

  @Test
  void aFlushWashesMostOfItOut() {
    List<Event> drinks = drinks(40, Ran.STAYED, 0.6);
    double before = told(drinks).pot().ecFull();
    drinks.add(new Drink(FIRST.plusDays(210), null, Ran.FLUSH, 0.03));
    assertThat(told(drinks).pot().ecFull()).isLessThan(before * 0.5);
  }

  @Test
  void theFlushThatIsAdvisedBringsItDownToHalfOfWhatHarms() {
    List<Event> drinks = drinks(40, Ran.NOT_SAID, 0.6);
    SaltStory before = told(drinks);
    double litres = before.flushLitres(0.03).orElseThrow();
    drinks.add(new Drink(FIRST.plusDays(200), litres * 1000, Ran.FLUSH, 0.03));
    assertThat(before.isOver()).isTrue();
    assertThat(told(drinks).pot().ecFull()).isCloseTo(before.limit() / 2, within(0.12));
  }

  @Test
  void theMoreRunsThroughTheLessStays() {
    assertThat(told(drinks(60, Ran.THROUGH, 0.5)).pot().ecFull())
        .isLessThan(told(drinks(60, Ran.STAYED, 0.5)).pot().ecFull());
  }

  @Test
  void theHabitIsThatOfLate() {
    List<Event> drinks = drinks(20, Ran.NOT_SAID, 0.1);
    for (int i = 0; i < 6; i++) {
      drinks.add(new Drink(FIRST.plusDays(100 + 10L * i), null, Ran.STAYED, 0.8));
    }
    SaltStory story = told(drinks);
    assertThat(story.habit().everyDays()).isEqualTo(10);
    assertThat(story.habit().ecMsCm()).isCloseTo(0.8, within(1e-9));
    assertThat(story.habit().through()).isZero();
    assertThat(told(drinks(1, Ran.NOT_SAID, 0.3)).habit().everyDays()).isEqualTo(6);
  }

  @Test
  void whatWasPouredByTheJugCountsAsItWas() {
    List<Event> sips = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      sips.add(new Drink(FIRST.plusDays(i), 40.0, Ran.NOT_SAID, 0.6));
    }
    SaltStory story = told(sips);
    assertThat(story.pot().waterMl()).isLessThanOrEqualTo(400);
    assertThat(story.drinks()).isEqualTo(10);
    assertThat(story.working().result()).endsWith("mS/cm");
  }

  @Test
  void readingsDrawTheFigureToWhatWasReadAndTightenItsBand() {
    List<Event> told = drinks(30, Ran.NOT_SAID, 0.6);
    SaltStory before = told(told);
    told.add(new Read(FIRST.plusDays(146), SaltReading.POUR_THROUGH, 5.0));
    SaltStory once = told(told);
    told.add(new Read(FIRST.plusDays(147), SaltReading.POUR_THROUGH, 5.0));
    SaltStory twice = told(told);
    assertThat(once.pot().ecFull()).isBetween(before.pot().ecFull(), 5.0);
    assertThat(Math.abs(twice.pot().ecFull() - 5)).isLessThan(Math.abs(once.pot().ecFull() - 5));
    assertThat(once.spread()).isLessThan(before.spread());
    assertThat(twice.spread()).isLessThan(once.spread());
    assertThat(once.ec().known()).isTrue();
    assertThat(before.ec().known()).isFalse();
  }

  @Test
  void highReadingsTeachThatLittleRunsOutAndLowOnesThatMuchDoes() {
    List<Event> told = drinks(30, Ran.NOT_SAID, 0.6);
    double usual = told(told).habit().through();
    told.add(new Read(FIRST.plusDays(146), SaltReading.POUR_THROUGH, 6));
    assertThat(told(told).habit().through()).isLessThan(usual);
    told.remove(told.size() - 1);
    told.add(new Read(FIRST.plusDays(146), SaltReading.POUR_THROUGH, 1.3));
    assertThat(told(told).habit().through()).isGreaterThan(usual);
  }

  @Test
  void aPotOfKnownRunThroughIsFoundByItsReadings() {
    for (double share : new double[] {0.05, 0.2}) {
      PotSalts truth = PotSalts.fresh(400, 0.6);
      PotSalts.Habit habit = new PotSalts.Habit(5, share, 0.6, 0.2, 0.5);
      List<Event> told = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        truth = truth.after(habit);
        told.add(new Drink(FIRST.plusDays(5L * i), null, Ran.NOT_SAID, 0.6));
        if (i % 20 == 19) {
          told.add(new Read(FIRST.plusDays(5L * i), SaltReading.POUR_THROUGH, truth.ecFull()));
        }
      }
      SaltStory story = told(told);
      assertThat(story.pot().ecFull()).isCloseTo(truth.ecFull(), within(truth.ecFull() * 0.1));
      assertThat(story.habit().through()).isCloseTo(share, within(0.06));
    }
  }

  @Test
  void whatStandsInWaterKeepsAllThatComes() {
    SaltStory tray =
        SaltStory.tell(
            new Of(400, 0.5, false, 0.5, true),
            drinks(40, Ran.STAYED, 0.3),
            6,
            FIRST.plusDays(365));
    assertThat(tray.pot().ecFull())
        .isGreaterThan(told(drinks(40, Ran.NOT_SAID, 0.3)).pot().ecFull());
    assertThat(tray.working().steps()).anyMatch(step -> step.note().contains("stands in water"));
  }

  @Test
  void grainsComeOutOverTheirDaysAndNoMore() {
    Event drink = new Drink(FIRST, null, Ran.STAYED, 0.1);
    SaltStory.Grains grains = new SaltStory.Grains(FIRST, 400, 100);
    double none = story(List.of(drink), 50);
    assertThat(story(List.of(drink, grains), 50) - none).isCloseTo(0.5, within(0.02));
    assertThat(story(List.of(drink, grains), 400) - none).isCloseTo(1, within(0.02));
  }

  private static double story(List<Event> events, int day) {
    return SaltStory.tell(ORCHID, events, 6, FIRST.plusDays(day)).pot().ecFull();
  }
}
