package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.said.Reading;

class InWordsTest {
  private static final LookState.Noted LIMP = marked("limp-leaves@all-leaves");

  private static LookState.Noted marked(String key) {
    return new LookState.Noted(Finding.present(key), "");
  }

  private static LookState.Told told(String field, double figure) {
    return new LookState.Told(field, new Reading.Figure(figure), "so much", 1);
  }

  private static LookState.Told air(String word, double sure) {
    return new LookState.Told("air-said", new Reading.Choice(word), "the air", sure);
  }

  private static LookState.Noted doubted(String key, double sure) {
    Finding plain = Finding.present(key);
    return new LookState.Noted(new Finding(plain.sign(), plain.pattern(), true, sure), "so");
  }

  private static InWords saying(String... keys) {
    return saying(Arrays.stream(keys).map(InWordsTest::marked).toArray(LookState.Noted[]::new));
  }

  private static InWords saying(LookState.Noted... findings) {
    return new InWords(new Spoken("text", List.of()), List.of(findings), List.of());
  }

  @Test
  void whatIsSaidAgainWithoutAPlaceStandsForAllPlaces() {
    assertThat(saying("yellowing").beside(List.of(marked("yellowing@oldest-only"), LIMP)))
        .containsExactly(LIMP, marked("yellowing"));
  }

  @Test
  void anotherPlaceOfTheSameSignStaysBeside() {
    assertThat(saying("yellowing@new-leaves").beside(List.of(marked("yellowing@oldest-only"))))
        .hasSize(2);
    assertThat(saying("yellowing@new-leaves").beside(List.of(marked("yellowing"))))
        .containsExactly(marked("yellowing@new-leaves"));
  }

  @Test
  void aCircumstanceToldAgainReplacesTheOldOne() {
    InWords words =
        new InWords(new Spoken("text", List.of()), List.of(), List.of(told("humidity", 30)));
    assertThat(words.besideTold(List.of(told("humidity", 60), told("temperature", 18))))
        .containsExactly(told("temperature", 18), told("humidity", 30));
    assertThat(words.circumstances().numbers()).containsEntry("humidity", 30.0).hasSize(1);
  }

  @Test
  void aCircumstanceHeardWithDoubtStandsBackBehindOneThatIsSure() {
    InWords words =
        new InWords(new Spoken("text", List.of()), List.of(), List.of(air("humid", 0.6)));
    assertThat(words.besideTold(List.of(air("dry", 1)))).containsExactly(air("dry", 1));
    assertThat(words.besideTold(List.of(air("dry", 0.9)))).containsExactly(air("humid", 0.6));
    assertThat(words.newTold(List.of(air("dry", 1)))).isEmpty();
    assertThat(words.circumstances().doubt().meant("air-said")).isEqualTo(0.6);
  }

  @Test
  void figuresAndWordsKeepTheirKind() {
    LookState.Told holes = air("dry", 0.7);
    assertThat(new LookTold(1L, holes).told()).isEqualTo(holes);
    assertThat(new LookTold(1L, told("humidity", 34)).told()).isEqualTo(told("humidity", 34));
    LookState.Told salts =
        new LookState.Told("water-ec", new Reading.Figure(583, 99), "350 ppm", 1);
    assertThat(new LookTold(1L, salts).told()).isEqualTo(salts);
  }

  @Test
  void whatIsSaidWithDoubtStandsBackBehindWhatIsSure() {
    InWords words = saying(doubted("limp-leaves", 0.6));
    assertThat(words.beside(List.of(LIMP))).containsExactly(LIMP);
    assertThat(words.newTo(List.of(LIMP))).isEmpty();
    assertThat(words.replaces(LIMP)).isFalse();
    assertThat(saying("limp-leaves").replaces(LIMP)).isTrue();
  }

  @Test
  void ofTwoDoubtsTheLastIsKept() {
    LookState.Noted now = doubted("limp-leaves@all-leaves", 0.7);
    assertThat(saying(now).beside(List.of(doubted("limp-leaves@all-leaves", 0.5))))
        .containsExactly(now);
  }

  @Test
  void aDoubtOfAnotherPlaceStandsBeside() {
    LookState.Noted lower = doubted("limp-leaves@old-leaves", 0.6);
    assertThat(saying(lower).beside(List.of(LIMP))).containsExactly(LIMP, lower);
  }
}
