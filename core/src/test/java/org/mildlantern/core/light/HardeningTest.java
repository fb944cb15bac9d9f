package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class HardeningTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

  @Test
  void lightRisesByStepsOfAboutHalfAsMuchAgain() {
    List<Hardening.Step> steps = Hardening.after(2, 9, null, DAY);
    assertThat(steps).hasSize(4);
    assertThat(steps.get(0).from()).isEqualTo(DAY);
    assertThat(steps.get(3).from()).isEqualTo(DAY.plusDays(12));
    assertThat(steps.get(3).share()).isCloseTo(1, within(1e-9));
    double last = 2 / 9.0;
    for (Hardening.Step step : steps) {
      assertThat(step.share() / last).isBetween(1.2, 1.55);
      last = step.share();
    }
  }

  @Test
  void aSmallChangeOrADimStandNeedsNone() {
    assertThat(Hardening.after(6, 9, null, DAY)).isEmpty();
    assertThat(Hardening.after(9, 2, null, DAY)).isEmpty();
    assertThat(Hardening.after(0.5, 3, new LightWish(8, 16), DAY)).isEmpty();
    assertThat(Hardening.after(0, 40, new LightWish(8, 16), DAY)).hasSizeLessThanOrEqualTo(6);
  }
}
