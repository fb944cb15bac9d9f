package org.mildlantern.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.said.Reading;

class CorrectionsTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "said:yellowing@oldest-only:there",
        "said:brown-spots:open",
        "answer:webbing@joints:not",
        "field:humidity:out"
      })
  void aCorrectionIsReadAsItWasWritten(String written) {
    assertThat(Correction.of(written)).map(Correction::written).contains(written);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "said",
        "said::there",
        "said:Yellow:there",
        "told:yellowing:there",
        "said:yellowing:maybe",
        "said:yellowing@:there",
        "said:yellowing:there\n"
      })
  void whatIsNoneIsLeftOut(String written) {
    assertThat(Correction.of(written)).isEmpty();
    assertThat(new Corrections(List.of(written), written).written()).isEmpty();
  }

  @Test
  void theLastOneAboutAThingHolds() {
    Corrections all =
        new Corrections(
            List.of("said:yellowing:not", "field:humidity:out", "said:yellowing@tips:there"),
            "field:humidity:there");
    assertThat(all.written()).containsExactly("said:yellowing@tips:there", "field:humidity:there");
    assertThat(all.said("yellowing")).map(Correction::place).contains("tips");
    assertThat(all.told(dry(0.6))).contains(dry(0.6));
  }

  private static Reading.Told dry(double sure) {
    return new Reading.Told("air-said", new Reading.Choice("dry"), new Reading.Span(0, 3), sure);
  }

  @Test
  void aCircumstanceIsSureOnceConfirmedGoneOnceTakenOutAndAsItWasWhilePutAside() {
    assertThat(new Corrections(List.of(), "field:air-said:there").told(dry(0.6))).contains(dry(1));
    assertThat(new Corrections(List.of(), "field:air-said:out").told(dry(0.6))).isEmpty();
    Corrections aside = new Corrections(List.of(), "field:air-said:open");
    assertThat(aside.told(dry(0.6))).contains(dry(0.6));
    assertThat(aside.isAside("air-said")).isTrue();
    assertThat(aside.isAside("humidity")).isFalse();
  }

  @Test
  void answersAboutTwoPlacesOfASignStandBesideEachOther() {
    Corrections all =
        new Corrections(List.of("answer:webbing@joints:not"), "answer:webbing@undersides:there");
    assertThat(all.answers()).hasSize(2);
    assertThat(all.said("webbing")).isEmpty();
  }

  @Test
  void noMoreThanSomebodyTapsAreTaken() {
    List<String> many = Collections.nCopies(500, "field:humidity:out");
    assertThat(new Corrections(many, "field:heating:out").written())
        .containsExactly("field:humidity:out", "field:heating:out");
  }
}
