package org.mildlantern.app.away;

import java.util.Optional;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.words.Words;

/**
 * How a plant that was found limp drinks: in steps, in shade, a third of its drink each day; an air
 * plant by two short soaks; what stands in water, or stores it, once and little. Rules of thumb.
 *
 * @param steps how many, a day apart
 * @param words key of its words
 * @param ml of each step, or null
 */
record FirstDrinks(int steps, String words, Integer ml) {
  private static final Words WORDS = Words.of(FirstDrinks.class);

  private static final int THIRDS = 3;
  private static final int LEAST_ML = 10;

  /**
   * The steps of a plant; empty for what rests dry.
   *
   * @param drink its full drink, ml, or null
   */
  static Optional<FirstDrinks> of(PlantView plant, Double drink, boolean restsDry) {
    if (restsDry) {
      return Optional.empty();
    }
    Integer third =
        drink == null ? null : (Integer) (int) Math.max(LEAST_ML, Math.round(drink / THIRDS));
    return Optional.of(
        switch (plant.kind().water()) {
          case SOAK -> new FirstDrinks(2, "drink-soak", null);
          case CUP -> new FirstDrinks(1, "drink-cup", null);
          case WET_FEET, AFLOAT -> new FirstDrinks(1, "drink-tray", null);
          default ->
              plant.kind().way().tags().contains("dry-store")
                  ? new FirstDrinks(1, "drink-little", third)
                  : new FirstDrinks(THIRDS, "drink-third", third);
        });
  }

  String task(int step) {
    return WORDS.say(words, step + 1, steps, ml == null ? "none" : ml);
  }

  /** What was done, as it is noted. */
  Note note() {
    return words.equals("drink-cup") || words.equals("drink-tray")
        ? new Filled(null)
        : new Watered(
            ml == null ? null : (Double) (double) ml,
            words.equals("drink-soak") ? Watered.RunOff.NOT_SAID : Watered.RunOff.NONE);
  }
}
