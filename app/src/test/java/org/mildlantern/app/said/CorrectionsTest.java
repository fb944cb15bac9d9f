package org.mildlantern.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

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
    assertThat(all.isOut("humidity")).isFalse();
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
