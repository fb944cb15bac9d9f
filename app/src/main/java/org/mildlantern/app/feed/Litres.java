package org.mildlantern.app.feed;

import org.mildlantern.app.mixing.Vessels;
import org.mildlantern.core.reading.Typed;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** The can that is reckoned with: as it was typed, else the largest of the keeper’s. */
@Component
class Litres {
  private static final Words WORDS = Words.of(Litres.class);
  private static final double USUAL = 5;
  private static final double LEAST = 0.1;
  private static final double MOST = 1000;

  private final Vessels vessels;

  Litres(Vessels vessels) {
    this.vessels = vessels;
  }

  double usual() {
    return vessels.litres().stream().reduce((a, b) -> b).orElse(USUAL);
  }

  /**
   * Of a can.
   *
   * @throws IllegalArgumentException for what is no size of one
   */
  double of(String typed) {
    if (typed.isBlank()) {
      return usual();
    }
    return Typed.decimal(typed)
        .filter(litres -> litres >= LEAST && litres <= MOST)
        .orElseThrow(() -> new IllegalArgumentException(WORDS.say("litres")));
  }
}
