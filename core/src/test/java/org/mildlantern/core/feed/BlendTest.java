package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BlendTest {
  private static final Blend.Of TAP = new Blend.Of("tap", 600, 240, 0.002);
  private static final Blend.Of RAIN = new Blend.Of("rain", 20, 3, 0);
  private static final Blend.Of RO = new Blend.Of("ro", 10, 2, 0.05);

  @Test
  void twoWatersMeetATargetBetweenThem() {
    Blend blend = Blend.to(List.of(TAP, RAIN), 165, null);
    assertThat(blend.ecUsCm()).isCloseTo(165, within(1e-6));
    assertThat(blend.parts().get("tap")).isCloseTo(0.25, within(1e-9));
    assertThat(blend.parts().get("rain")).isCloseTo(0.75, within(1e-9));
  }

  @Test
  void aTargetBeyondThemGivesTheNearestWaterAlone() {
    assertThat(Blend.to(List.of(TAP, RAIN), 5, null).parts()).containsEntry("rain", 1.0);
    assertThat(Blend.to(List.of(TAP, RAIN), 900, null).ecUsCm()).isEqualTo(600);
  }

  @Test
  void ofSeveralTheCheapestIsTaken() {
    Blend blend = Blend.to(List.of(TAP, RAIN, RO), 200, null);
    assertThat(blend.parts()).containsEntry("ro", 0.0);
    assertThat(blend.ecUsCm()).isCloseTo(200, within(1e-6));
  }

  @Test
  void anAlkalinityThatMustNotBePassedGoesBeforeTheConductivity() {
    Blend blend = Blend.to(List.of(TAP, RAIN), 400, 60.0);
    assertThat(blend.alkalinity()).isCloseTo(60, within(1e-6));
    assertThat(blend.ecUsCm()).isLessThan(400);
  }

  @Test
  void sharesAddUpToOneWhateverIsAsked() {
    Random random = new Random(17);
    for (int i = 0; i < 200; i++) {
      List<Blend.Of> waters =
          List.of(
              new Blend.Of("a", random.nextInt(900), random.nextInt(300), random.nextDouble()),
              new Blend.Of("b", random.nextInt(900), random.nextInt(300), random.nextDouble()),
              new Blend.Of("c", random.nextInt(900), random.nextInt(300), random.nextDouble()));
      double target = random.nextInt(900);
      Blend blend = Blend.to(waters, target, random.nextBoolean() ? 100.0 : null);
      assertThat(blend.parts().values().stream().mapToDouble(Double::doubleValue).sum())
          .isCloseTo(1, within(1e-9));
      assertThat(blend.parts().values()).allMatch(share -> share >= 0 && share <= 1);
      double ec = waters.stream().mapToDouble(w -> w.ecUsCm() * blend.parts().get(w.name())).sum();
      assertThat(blend.ecUsCm()).isCloseTo(ec, within(1e-6));
    }
  }

  @Test
  void withinLimitsTheCheapestIsTaken() {
    assertThat(Blend.within(List.of(TAP, RAIN, RO), 700, 300).parts()).containsEntry("rain", 1.0);
    Blend.Of scarce = new Blend.Of("rain", 20, 3, 0.01);
    Blend plain = Blend.within(List.of(TAP, scarce), 700, 300);
    assertThat(plain.parts()).containsEntry("tap", 1.0);
    Blend soft = Blend.within(List.of(TAP, scarce), 300, 60);
    assertThat(soft.alkalinity()).isCloseTo(60, within(1e-6));
    assertThat(soft.ecUsCm()).isLessThan(300);
    assertThat(soft.over(300, 60)).isZero();
  }

  @Test
  void whereNoneIsSoftEnoughTheSoftestIsTakenAndItIsSaid() {
    Blend none = Blend.within(List.of(TAP), 100, 15);
    assertThat(none.parts()).containsEntry("tap", 1.0);
    assertThat(none.over(100, 15)).isGreaterThan(1);
  }

  @Test
  void refusesNoWaterAndNonsense() {
    assertThatIllegalArgumentException().isThrownBy(() -> Blend.to(List.of(), 100, null));
    assertThatIllegalArgumentException().isThrownBy(() -> new Blend.Of("a", -1, 0, 0));
  }
}
