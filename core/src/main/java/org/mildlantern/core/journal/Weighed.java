package org.mildlantern.core.journal;

import java.util.List;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/** The weight of pot and plant together, g. */
public record Weighed(double grams, State state) implements Note {
  private static final Words WORDS = Words.of(Weighed.class);

  /** The heaviest pot that is believed, g. */
  public static final double HEAVIEST = 200_000;

  static final Grammar GRAMMAR =
      Grammar.of("weighed|weighs|weight", "weighed 412|weighed 430 just drained", Weighed::read);

  /** What the weight is known to be of. */
  public enum State {
    AS_IT_WAS(""),
    DRAINED("just drained"),
    DRY("dry");

    private final String words;

    State(String words) {
      this.words = words;
    }
  }

  @Override
  public NoteKind kind() {
    return NoteKind.WEIGHED;
  }

  @Override
  public List<String> figures() {
    String grams = WORDS.say("grams", Figures.plain(this.grams));
    return state == State.AS_IT_WAS ? List.of(grams) : List.of(grams, state.words);
  }

  /**
   * A weight as it was typed into a field for grams.
   *
   * @throws IllegalArgumentException with a message for the keeper
   */
  public static Weighed read(String typed) {
    if (!typed.strip().matches("\\d+(?:[.,]\\d+)?(?: ?k?g)?")) {
      throw noWeight();
    }
    return new Weighed(
        Line.of(typed).weight(HEAVIEST).orElseThrow(Weighed::noWeight), State.AS_IT_WAS);
  }

  private static IllegalArgumentException noWeight() {
    return new IllegalArgumentException("A weight in grams, please, such as 412.");
  }

  private static Note read(Line line, Setting setting) {
    State state =
        line.says("drained|full|soaked")
            ? State.DRAINED
            : line.says("dry|bone[- ]dry") ? State.DRY : State.AS_IT_WAS;
    return new Weighed(line.weight(HEAVIEST).orElseThrow(Weighed::noWeight), state);
  }
}
