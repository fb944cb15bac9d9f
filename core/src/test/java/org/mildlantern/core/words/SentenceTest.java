package org.mildlantern.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SentenceTest {
  @Test
  void countsChoosesAndRounds() {
    Sentence left = Sentence.of("{days, plural, =0 {today} one {# day} other {# days}} left");
    assertThat(left.say(Map.of("days", 1))).isEqualTo("1 day left");
    assertThat(left.say(Map.of("days", 3))).isEqualTo("3 days left");
    Sentence tray =
        Sentence.of("{kind, select, jar {the jar} other {the tray}} to {cm, number, 0.0} cm");
    assertThat(tray.say(Map.of("kind", "jar", "cm", 1.25))).isEqualTo("the jar to 1.3 cm");
  }

  @Test
  void aThousandHasNoCommaAndAnApostropheIsOne() {
    assertThat(Sentence.of("It’s about {ml, number, 0} ml, isn't it").say(Map.of("ml", 1240)))
        .isEqualTo("It’s about 1240 ml, isn't it");
    Sentence days =
        Sentence.of("{days, plural, one {# day} other {{days, plural, other {# days}}}}");
    assertThat(days.say(Map.of("days", 1240))).isEqualTo("1240 days");
    assertThat(Sentence.of("case {number}").say(Map.of("number", 1240))).isEqualTo("case 1240");
  }

  @ParameterizedTest
  @ValueSource(strings = {"{ml, number} ml", "{days, plural, one {#}}", "about {ml", "{a, select}"})
  void whatIsNoPatternIsRefused(String pattern) {
    assertThatThrownBy(() -> Sentence.of(pattern)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aMissingValueOrAFractionWithoutItsPatternIsRefused() {
    Sentence sentence = Sentence.of("about {ml}");
    assertThatThrownBy(() -> sentence.say(Map.of())).hasMessageContaining("ml cannot be null");
    assertThatThrownBy(() -> sentence.say(Map.of("ml", 0.333))).hasMessageContaining("0.333");
  }

  @Test
  void aPlaceWithinAChoiceIsAPlace() {
    Sentence goes = Sentence.of("{n, plural, one {{gauge}} other {{gauge}, in # goes}}");
    assertThat(goes.names()).containsExactly("gauge", "n");
    assertThat(goes.say(Map.of("n", 2, "gauge", "jug"))).isEqualTo("jug, in 2 goes");
  }

  @Test
  void oneSentenceServesManyThreads() {
    Sentence sentence = Sentence.of("{n, plural, one {# cup} other {# cups}}");
    List<String> said =
        IntStream.range(0, 2000)
            .parallel()
            .mapToObj(n -> sentence.say(Map.of("n", n % 10)))
            .toList();
    assertThat(said).contains("1 cup").contains("9 cups").allMatch(s -> s.matches("\\d cups?"));
  }
}
