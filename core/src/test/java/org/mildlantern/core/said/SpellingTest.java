package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class SpellingTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Tokens WORDS = new Tokens(KNOWLEDGE.wording());
  private static final Learned LEARNED = Learned.shipped();
  private static final Spelling SPELLING = new Spelling(KNOWLEDGE, WORDS, LEARNED::knows);

  private static List<Token> mended(String text) {
    return SPELLING.mended(WORDS.of(text));
  }

  @ParameterizedTest
  @CsvSource({
    "yelow, yellow",
    "yelllow, yellow",
    "yeklow, yellow",
    "brwon, brown",
    "waterd, watered",
    "humidty, humidity",
    "monstra, monstera",
    "lvs, leaves",
    "3m, metres",
    "havent, haven't",
    "Dont, don't"
  })
  void oneSlipOfTheFingerOrAShortFormIsTakenAsItIsMeant(String typed, String meant) {
    assertThat(mended(typed)).extracting(Token::word).containsExactly(meant);
    assertThat(mended(typed)).extracting(Token::stem).containsExactly(WORDS.stem(meant));
  }

  @ParameterizedTest
  @ValueSource(strings = {"table", "yxllxw", "flat", "pud", "N", "calathea", "3c", "lamina"})
  void aWordThatIsKnownOrUnlikeAnyStays(String typed) {
    assertThat(mended(typed)).extracting(Token::word).containsExactly(typed.toLowerCase());
  }

  @Test
  void whatIsWrittenOutKnowsWhereItWasWritten() {
    String text = "lvs limp n yelow, 3 wks";
    Spelt spelt = Spelt.of(text, mended(text));
    assertThat(spelt.text()).isEqualTo("leaves limp and yellow, 3 weeks");
    assertThat(spelt.written(16, 22).of(text)).isEqualTo("yelow");
    assertThat(spelt.written(24, 31).of(text)).isEqualTo("3 wks");
    Token last = spelt.tokens().get(spelt.tokens().size() - 1);
    assertThat(spelt.text().substring(last.from(), last.to())).isEqualTo("weeks");
  }
}
