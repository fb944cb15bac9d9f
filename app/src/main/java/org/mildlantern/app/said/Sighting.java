package org.mildlantern.app.said;

import java.util.List;
import org.mildlantern.core.diagnosis.Finding;

/**
 * A sign or an open word that was read or answered, as its keeper corrected it.
 *
 * @param place id of a pattern, or null when it was not said
 * @param state whether it is there
 * @param quote the keeper's words, or empty when it was answered
 * @param from where the words stand in the text
 * @param sure how likely it was meant, 1 once it was confirmed
 * @param alternatives signs that an open word can mean
 * @param asked whether the question which of them it is was put aside
 */
record Sighting(
    Correction.Of of,
    String word,
    String place,
    State state,
    String quote,
    int from,
    double sure,
    List<String> alternatives,
    boolean asked) {

  /** Whether it is there, is not, or was taken out. */
  enum State {
    THERE,
    NOT,
    OUT
  }

  boolean isThere() {
    return state == State.THERE;
  }

  boolean isDoubted() {
    return state != State.OUT && sure < 1;
  }

  boolean isOpen() {
    return isThere() && !alternatives.isEmpty();
  }

  Finding finding() {
    return new Finding(word, place, isThere(), sure);
  }

  /** The same with the words of another. */
  Sighting inWordsOf(Sighting said) {
    return new Sighting(of, word, place, state, said.quote, said.from, 1, alternatives, asked);
  }
}
