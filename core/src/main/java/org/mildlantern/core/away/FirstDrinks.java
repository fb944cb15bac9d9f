package org.mildlantern.core.away;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.words.Words;

/**
 * How a plant that was found limp drinks: in steps, in shade, a third of its drink each day; an air
 * plant by two short soaks; what stands in water, or stores it, once and little. Rules of thumb.
 *
 * @param steps how many, a day apart
 * @param task what is done at a step, counted from 0
 * @param note what is noted then
 */
public record FirstDrinks(int steps, IntFunction<String> task, Note note) {
  private static final Words WORDS = Words.of(FirstDrinks.class);

  private static final int THIRDS = 3;
  private static final int SOAKS = 2;
  private static final int LEAST_ML = 10;

  /**
   * The steps of a kind; empty for what rests dry.
   *
   * @param drink its full drink, ml, or null
   */
  public static Optional<FirstDrinks> of(Kind kind, Double drink, boolean restsDry) {
    if (restsDry) {
      return Optional.empty();
    }
    return Optional.of(
        switch (kind.water()) {
          case SOAK ->
              new FirstDrinks(
                  SOAKS,
                  step -> WORDS.say("drink-soak", step + 1, SOAKS),
                  new Watered(null, Watered.RunOff.NOT_SAID));
          case CUP -> new FirstDrinks(1, step -> WORDS.say("drink-cup"), new Filled(null));
          case WET_FEET, AFLOAT ->
              new FirstDrinks(1, step -> WORDS.say("drink-tray"), new Filled(null));
          default -> ofPot(kind.way().isOneOf(List.of("dry-store")), drink);
        });
  }

  private static FirstDrinks ofPot(boolean stores, Double drink) {
    Double ml =
        drink == null ? null : (Double) (double) Math.max(LEAST_ML, Math.round(drink / THIRDS));
    Object said = ml == null ? "none" : ml;
    return new FirstDrinks(
        stores ? 1 : THIRDS,
        step ->
            stores
                ? WORDS.say("drink-little", said)
                : WORDS.say("drink-third", step + 1, THIRDS, said),
        new Watered(ml, Watered.RunOff.NONE));
  }
}
