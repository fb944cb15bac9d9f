package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.SaltStory.Drink;
import org.mildlantern.core.feed.SaltStory.Of;
import org.mildlantern.core.feed.SaltStory.Ran;

class SaltStoryTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);
  private static final Of ORCHID = new Of(400, 0.5, false, 0.5);

  private static List<Drink> drinks(int count, Ran ran, double ec) {
    List<Drink> drinks = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      drinks.add(new Drink(FIRST.plusDays(5L * i), null, ran, ec));
    }
    return drinks;
  }

  private static SaltStory told(List<Drink> drinks) {
    return SaltStory.tell(ORCHID, drinks, 6);
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
    List<Drink> drinks = drinks(40, Ran.STAYED, 0.6);
    double before = told(drinks).pot().ecFull();
    drinks.add(new Drink(FIRST.plusDays(210), null, Ran.FLUSH, 0.03));
    assertThat(told(drinks).pot().ecFull()).isLessThan(before * 0.5);
  }

  @Test
  void theMoreRunsThroughTheLessStays() {
    assertThat(told(drinks(60, Ran.THROUGH, 0.5)).pot().ecFull())
        .isLessThan(told(drinks(60, Ran.STAYED, 0.5)).pot().ecFull());
  }

  @Test
  void theHabitIsThatOfLate() {
    List<Drink> drinks = drinks(20, Ran.NOT_SAID, 0.1);
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
    List<Drink> sips = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      sips.add(new Drink(FIRST.plusDays(i), 40.0, Ran.NOT_SAID, 0.6));
    }
    SaltStory story = told(sips);
    assertThat(story.pot().waterMl()).isLessThanOrEqualTo(400);
    assertThat(story.drinks()).isEqualTo(10);
    assertThat(story.working().result()).endsWith("mS/cm");
  }
}
