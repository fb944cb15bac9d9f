package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.Diet.Meal;

class DietTest {
  private static final Solution HARD =
      new Solution(Map.of(Element.CA, 70.0, Element.MG, 12.0), null, 180);
  private static final Label FEED = Label.oxide(20, 10, 20).with(Element.MG, 2);

  @Test
  void isTheMeanOfAllDrinks() {
    Diet diet = Diet.of(10, List.of(new Meal(100.0, FEED), new Meal(200.0, FEED)), HARD);
    assertThat(diet.nitrogen()).isEqualTo(30);
    assertThat(diet.calcium()).isEqualTo(70);
    assertThat(diet.magnesium()).isCloseTo(12 + 3, within(1e-9));
    assertThat(diet.potassium()).isCloseTo(0.83, within(0.001));
    assertThat(diet.phosphorus()).isCloseTo(0.218, within(0.001));
  }

  @Test
  void whatIsNotKnownOfAFeedIsNotKnownOfTheDiet() {
    Diet noStrength = Diet.of(10, List.of(new Meal(null, FEED)), HARD);
    assertThat(noStrength).isEqualTo(Diet.UNKNOWN);
    Diet noLabel = Diet.of(10, List.of(new Meal(100.0, null)), HARD);
    assertThat(noLabel.nitrogen()).isEqualTo(10);
    assertThat(noLabel.calcium()).isNull();
    assertThat(Diet.of(10, List.of(new Meal(100.0, FEED)), null).magnesium()).isNull();
  }

  @Test
  void neverFedIsNoNitrogenAndFewDrinksSayNothing() {
    assertThat(Diet.of(10, List.of(), HARD)).isEqualTo(new Diet(0.0, 70.0, 12.0, null, null));
    assertThat(Diet.of(3, List.of(), HARD)).isEqualTo(Diet.UNKNOWN);
  }
}
