package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class GuessesTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Reader READER = new Reader(KNOWLEDGE);

  private static GrowthForm form(String id) {
    return KNOWLEDGE.forms().find(id).orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "grey bands that rub away, waxy-bloom",
    "herringbone under the fronds, spore-rows",
    "traps refuse to close, trap-slow",
    "corky skin somewhere, bark-at-base"
  })
  void whatSharesMostWordsIsGuessed(String words, String wanted) {
    assertThat(READER.guess(words, null)).contains(wanted).hasSizeLessThanOrEqualTo(3);
  }

  @Test
  void whatASignCannotSitOnIsNoGuess() {
    assertThat(READER.guess("traps refuse to close", form("snap-trap"))).contains("trap-slow");
    assertThat(READER.guess("traps refuse to close", form("fern"))).doesNotContain("trap-slow");
  }

  @Test
  void wordsOfNoSignGiveNoGuess() {
    assertThat(READER.guess("my sister says it hates me", null)).isEmpty();
    assertThat(READER.guess("", null)).isEmpty();
    assertThat(READER.guess("leaf", null)).isEmpty();
  }
}
