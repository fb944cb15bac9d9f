package org.mildlantern.core.reliability;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class HitRateTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  private WrittenCase written(
      List<String> answers, boolean several, String urgent, String... seen) {
    var hoya = knowledge.taxa().find("hoya-carnosa").orElseThrow();
    Question question =
        Question.of(
            knowledge.kind(hoya),
            LocalDate.of(2026, 6, 1),
            List.of(seen).stream().map(Finding::present).toList(),
            Circumstances.UNKNOWN);
    return new WrittenCase("x", "story", "potted", question, answers, several, urgent, true);
  }

  private HitRate of(WrittenCase written) {
    return HitRate.of(List.of(written), knowledge);
  }

  @Test
  void aRightAnswerIsFirstAndAUrgentOneIsFound() {
    HitRate rate =
        of(
            written(
                List.of("mealybugs"), false, "mealybugs", "cotton@joints", "honeydew@all-leaves"));
    assertThat(rate.first()).isEqualTo(1);
    assertThat(rate.urgentFound()).isEqualTo(1);
    assertThat(rate.misses()).isEmpty();
  }

  @Test
  void aWrongAnswerIsAMissWithWhatCameInstead() {
    HitRate rate = of(written(List.of("frost"), false, "frost", "cotton@joints"));
    assertThat(rate.first()).isZero();
    assertThat(rate.urgentFound()).isZero();
    assertThat(rate.misses()).singleElement().satisfies(m -> assertThat(m.instead()).hasSize(3));
  }

  @Test
  void severalCausesMustAllBeThere() {
    HitRate one = of(written(List.of("mealybugs", "frost"), true, null, "cotton@joints"));
    assertThat(one.first()).isEqualTo(1);
    assertThat(one.amongThree()).isZero();
    assertThat(one.severalCases()).isEqualTo(1);
  }

  @Test
  void aNormalCaseSentToTreatmentCounts() {
    HitRate rate = of(written(List.of("nectar-marks"), false, null, "cotton@joints"));
    assertThat(rate.normalCases()).isEqualTo(1);
    assertThat(rate.normalLeftAlone()).isZero();
  }
}
