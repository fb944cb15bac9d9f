package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class BlindTest {
  private static final LocalDate SPRING = LocalDate.of(2026, 3, 21);

  private static SpotLight behind(Blind blind) {
    Opening window = new Opening(180, 1.4, 1.2, 0.9, Glass.DOUBLE, Opening.Over.NONE, blind);
    Setting setting =
        Setting.behind(
            List.of(new Setting.Seen(window, new Spot(0.2, 0, 1.1))), Skyline.OPEN, List.of());
    return new LitSpot(setting).on(SPRING, 53, Trust.DRAWN);
  }

  @Test
  void oneThatIsDrawnAtNoonTakesTheSunOfNoonOnly() {
    SpotLight open = behind(Blind.NONE);
    SpotLight noon = behind(new Blind(0.2, 11, 13));
    assertThat(noon.directHours()).isCloseTo(open.directHours() - 2, within(0.35));
    assertThat(noon.dli()).isBetween(open.dli() * 0.55, open.dli() * 0.9);
    assertThat(noon.direct()).hasSize(2);
  }

  @Test
  void oneThatIsDrawnOverNightTakesNothing() {
    assertThat(behind(new Blind(0, 20, 5)).dli()).isCloseTo(behind(Blind.NONE).dli(), within(1e-9));
  }

  @Test
  void whatIsDrawnAllDayTakesItsShare() {
    assertThat(behind(Blind.always(0.3)).dli())
        .isCloseTo(behind(Blind.NONE).dli() * 0.3, within(1e-9));
  }

  @Test
  void halvesOfTheDayMakeUpTheDay() {
    double morning = behind(new Blind(0, 0, 12)).dli();
    double afternoon = behind(new Blind(0, 12, 24)).dli();
    assertThat(morning + afternoon).isCloseTo(behind(Blind.NONE).dli(), within(1e-9));
    assertThat(morning).isCloseTo(afternoon, within(morning * 0.02));
  }

  @Test
  void refusesHoursThatAreNone() {
    assertThatIllegalArgumentException().isThrownBy(() -> new Blind(0.5, 8, 8));
    assertThatIllegalArgumentException().isThrownBy(() -> new Blind(0.5, -1, 8));
    assertThatIllegalArgumentException().isThrownBy(() -> new Blind(1.5, 1, 8));
  }
}
