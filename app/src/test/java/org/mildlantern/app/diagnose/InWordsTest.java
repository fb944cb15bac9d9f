package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;

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
    return new LookState.Told(field, new Reading.Figure(figure), "so much");
  }

  private static InWords saying(String... keys) {
    return new InWords(
        new Spoken("text", List.of()),
        List.of(keys).stream().map(InWordsTest::marked).toList(),
        List.of());
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
  void figuresAndWordsKeepTheirKind() {
    LookState.Told holes = new LookState.Told("holes", new Reading.Choice("no"), "without a hole");
    assertThat(new LookTold(1L, holes).told()).isEqualTo(holes);
    assertThat(new LookTold(1L, told("humidity", 34)).told()).isEqualTo(told("humidity", 34));
  }
}
