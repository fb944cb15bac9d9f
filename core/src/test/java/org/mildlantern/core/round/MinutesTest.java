package org.mildlantern.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.round.Minutes.Answered;
import org.mildlantern.core.round.Minutes.Stop;

class MinutesTest {
  private static final Instant NINE = Instant.parse("2026-11-23T09:00:00Z");

  private static List<Answered> pots(int number, int secondsApart) {
    List<Answered> answers = new ArrayList<>();
    for (int i = 0; i < number; i++) {
      answers.add(new Answered(Stop.POT, NINE.plusSeconds((long) i * secondsApart)));
    }
    return answers;
  }

  @Test
  void beginsWithAGuessAndComesToTheKeepersOwnPace() {
    assertThat(Minutes.learn(List.of()).at(Stop.POT)).isEqualTo(1);
    double few = Minutes.learn(pots(5, 20)).at(Stop.POT);
    double many = Minutes.learn(pots(400, 20)).at(Stop.POT);
    assertThat(few).isBetween(0.5, 1.0);
    assertThat(many).isCloseTo(1 / 3.0, within(0.03));
    assertThat(Minutes.learn(pots(400, 20)).at(Stop.TREAT)).isEqualTo(Stop.TREAT.guess());
  }

  @Test
  void answersInOneGoAndPausesTellNothing() {
    assertThat(Minutes.learn(pots(300, 0)).counted(Stop.POT)).isZero();
    assertThat(Minutes.learn(pots(300, 3600)).counted(Stop.POT)).isZero();
  }

  @Test
  void aTimeCountsForTheStopAtItsEnd() {
    Minutes learned =
        Minutes.learn(
            List.of(new Answered(Stop.POT, NINE), new Answered(Stop.TREAT, NINE.plusSeconds(300))));
    assertThat(learned.counted(Stop.TREAT)).isEqualTo(1);
    assertThat(learned.counted(Stop.POT)).isZero();
  }
}
