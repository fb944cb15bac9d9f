package org.mildlantern.core.away;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class FirstDrinksTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();

  private static Kind kind(String name) {
    return KNOWLEDGE.kind(KNOWLEDGE.taxonNamed(name).orElseThrow());
  }

  @ParameterizedTest
  @CsvSource({
    "Acer palmatum, 3, 'step 1 of 3: 100 ml, in shade'",
    "Juniperus chinensis, 3, 'step 1 of 3: 100 ml, in shade'",
    "Adiantum raddianum, 3, 'step 1 of 3: 100 ml, in shade'",
    "Phalaenopsis, 3, 'step 1 of 3: 100 ml, in shade'",
    "Echeveria, 1, '100 ml, no more for now'",
    "Sarracenia purpurea, 1, 'fill the tray, in shade'",
    "Guzmania, 1, 'a little soft water into the cup, in shade'",
    "Tillandsia ionantha, 2, 'step 1 of 2: into water for ten minutes, then shake dry, in shade'"
  })
  void eachDrinksAsItLives(String name, int steps, String task) {
    FirstDrinks drinks = FirstDrinks.of(kind(name), 300.0, false).orElseThrow();
    assertThat(drinks.steps()).isEqualTo(steps);
    assertThat(drinks.task().apply(0)).isEqualTo(task);
    assertThat(drinks.note()).isInstanceOfAny(Watered.class, Filled.class);
    assertThat(FirstDrinks.of(kind(name), null, false).orElseThrow().task().apply(0))
        .doesNotContain("ml");
  }

  @Test
  void whatRestsDryGetsNone() {
    assertThat(FirstDrinks.of(kind("Cyclamen persicum"), 100.0, true)).isEmpty();
  }

  @Test
  void whatIsOfUnknownKindDrinksInSteps() {
    Kind gift = KNOWLEDGE.kind(KNOWLEDGE.forms().find("leafy-stem").orElseThrow());
    assertThat(FirstDrinks.of(gift, null, false).orElseThrow().task().apply(2))
        .isEqualTo("step 3 of 3: a third of its drink, in shade");
  }
}
