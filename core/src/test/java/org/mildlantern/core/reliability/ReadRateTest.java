package org.mildlantern.core.reliability;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.said.Reading;

class ReadRateTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();

  /** What holds today; of the last texts nobody gathered words. */
  @Test
  void mostOfWhatKeepersSayIsReadAndToldTruly() {
    Measured shipped = Measured.shipped();
    Measured now = shipped.reading(KNOWLEDGE);
    assertThat(shipped).as("bench/reliability words").isEqualTo(now);
    holds(now.readSeen(), 2460, 0.9, 0.028, 0.93, 0.97);
    holds(now.readUnseen(), 250, 0.9, 0.03, 0.93, 0.99);
    readsPlainly(now.readSeen(), 0.013);
    readsPlainly(now.readUnseen(), 0.02);
    findsOrOffers(now.readSeen(), 0.95);
    findsOrOffers(now.readUnseen(), 0.965);
  }

  private static void findsOrOffers(ReadRate rate, double share) {
    assertThat(rate.found() + rate.offered())
        .isGreaterThanOrEqualTo((int) (share * rate.statements()));
  }

  private static void readsPlainly(ReadRate rate, double invented) {
    assertThat(rate.plain()).isGreaterThan(rate.read() / 2);
    assertThat(rate.plainlyInvented()).isLessThanOrEqualTo((int) (invented * rate.plain()));
  }

  @Test
  void whatIsReadWithDoubtIsRightAsOftenAsItSays() {
    List<SaidText> texts = SaidText.all(KNOWLEDGE);
    Doubted all = Doubted.in(texts);
    Doubted unseen = Doubted.in(texts.stream().filter(text -> !text.open()).toList());
    assertThat(all.right()).isCloseTo(all.expected(), within(0.05));
    assertThat(unseen.right()).isGreaterThanOrEqualTo(unseen.expected() - 0.05);
  }

  /** Signs that were read with doubt: the share that is right, and that should be. */
  private record Doubted(double right, double expected) {
    static Doubted in(List<SaidText> texts) {
      double right = 0;
      double expected = 0;
      int all = 0;
      for (ReadRate.One one : ReadRate.each(texts, KNOWLEDGE)) {
        for (Reading.Seen seen : one.reading().seen()) {
          if (seen.present() && seen.sure() < 1) {
            all++;
            expected += seen.sure();
            right += one.invented().contains(seen.sign()) ? 0 : 1;
          }
        }
      }
      return new Doubted(right / all, expected / all);
    }
  }

  private static void holds(
      ReadRate rate, int texts, double found, double invented, double first, double amongThree) {
    assertThat(rate.texts()).isEqualTo(texts);
    assertThat(rate.urgentFound()).isEqualTo(rate.urgent());
    assertThat(rate.found()).isGreaterThanOrEqualTo((int) (found * rate.statements()));
    assertThat(rate.invented()).isLessThanOrEqualTo((int) (invented * rate.read()));
    assertThat(rate.first()).isGreaterThanOrEqualTo((int) (first * rate.texts()));
    assertThat(rate.amongThree()).isGreaterThanOrEqualTo((int) (amongThree * rate.texts()));
  }
}
