package org.mildlantern.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.treatment.Dose;

class WordsTest {
  private final Words words = Words.of(Dose.class);

  @Test
  void aRoomHasItsOwnSentences() {
    assertThat(words.say("days", 1)).isEqualTo("1 day");
    assertThat(words.say("dose.rounding", "jug", -1.25)).isEqualTo("jug, error of rounding -1.3 %");
  }

  @Test
  void whatIsMissingOrTakesOtherValuesIsRefused() {
    assertThatThrownBy(() -> words.say("weeks", 1)).hasMessageContaining("weeks is missing");
    assertThatThrownBy(() -> words.say("days")).hasMessageContaining("takes [0]");
    assertThatThrownBy(() -> words.say("days", 1, 2)).hasMessageContaining("takes [0]");
    assertThatThrownBy(() -> Words.of(Sentence.class)).hasMessageContaining("is missing");
  }
}
