package org.mildlantern.app.away;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class FirstDrinksTest {
  @Autowired Keepers keepers;
  @Autowired PlantService plants;

  private SignedIn keeper;
  private PlaceView sill;

  @BeforeEach
  void aSill() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
  }

  @ParameterizedTest
  @CsvSource({
    "Acer palmatum, 3, 'step 1 of 3: 100 ml, in shade'",
    "Adiantum raddianum, 3, 'step 1 of 3: 100 ml, in shade'",
    "Phalaenopsis, 3, 'step 1 of 3: 100 ml, in shade'",
    "Echeveria, 1, '100 ml, no more for now'",
    "Sarracenia purpurea, 1, 'fill the tray, in shade'",
    "Guzmania, 1, 'a little soft water into the cup, in shade'",
    "Tillandsia ionantha, 2, 'step 1 of 2: into water for ten minutes, then shake dry, in shade'"
  })
  void eachDrinksAsItLives(String kind, int steps, String task) {
    PlantView plant = keepers.plant(keeper, sill, kind);
    FirstDrinks drinks = FirstDrinks.of(plant, 300.0, false).orElseThrow();
    assertThat(drinks.steps()).isEqualTo(steps);
    assertThat(drinks.task().apply(0)).isEqualTo(task);
    assertThat(drinks.note()).isInstanceOfAny(Watered.class, Filled.class);
    assertThat(FirstDrinks.of(plant, null, false).orElseThrow().task().apply(0))
        .doesNotContain("ml");
  }

  @Test
  void whatRestsDryGetsNone() {
    PlantView plant = keepers.plant(keeper, sill, "Cyclamen persicum");
    assertThat(FirstDrinks.of(plant, 100.0, true)).isEqualTo(Optional.empty());
  }

  @Test
  void whatIsOfUnknownKindDrinksInSteps() {
    PlantView gift =
        keepers.as(keeper, () -> plants.add(Keepers.form(sill, "Some gift", "leafy-stem")));
    assertThat(FirstDrinks.of(gift, null, false).orElseThrow().task().apply(2))
        .isEqualTo("step 3 of 3: a third of its drink, in shade");
  }
}
