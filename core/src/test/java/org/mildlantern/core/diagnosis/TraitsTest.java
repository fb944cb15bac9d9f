package org.mildlantern.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/**
 * Likelihoods of a spot and its traits against plain counting over everything that each cause of a
 * set may have shown.
 */
class TraitsTest {
  private static final int CAUSES = 3;
  private static final int TRAITS = 2;

  private final double[] spot = new double[CAUSES + 1];
  private final double[][] trait = new double[TRAITS][CAUSES + 1];

  /** The last of each row is the leak. */
  private void draw(Random random) {
    for (int i = 0; i <= CAUSES; i++) {
      spot[i] = random.nextInt(4) == 0 ? 0 : random.nextDouble();
      for (double[] row : trait) {
        row[i] = random.nextInt(4) == 0 ? 0 : random.nextDouble();
      }
    }
  }

  private Likelihood likelihood(Boolean whole, Boolean... traits) {
    List<Shown> shown = new ArrayList<>();
    List<Boolean> said = new ArrayList<>();
    for (int t = 0; t < TRAITS; t++) {
      if (traits[t] != null) {
        double[] both = new double[CAUSES];
        for (int i = 0; i < CAUSES; i++) {
          both[i] = spot[i] * trait[t][i];
        }
        shown.add(new Shown(both, spot[CAUSES] * trait[t][CAUSES]));
        said.add(traits[t]);
      }
    }
    double[] by = java.util.Arrays.copyOf(spot, CAUSES);
    return new Traits(new Shown(by, spot[CAUSES]), shown)
        .likelihood(Boolean.TRUE.equals(whole), said);
  }

  /** Each cause of the set, and the leak, may show the spot and then each trait, or not. */
  private double counted(int[] set, Boolean whole, Boolean... traits) {
    int[] sources = java.util.Arrays.copyOf(set, set.length + 1);
    sources[set.length] = CAUSES;
    int outcomes = 1 + (1 << TRAITS);
    double sum = 0;
    for (int state = 0; state < Math.pow(outcomes, sources.length); state++) {
      double chance = 1;
      boolean anySpot = false;
      int anyTraits = 0;
      int rest = state;
      for (int source : sources) {
        int outcome = rest % outcomes;
        rest /= outcomes;
        if (outcome == 0) {
          chance *= 1 - spot[source];
          continue;
        }
        anySpot = true;
        anyTraits |= outcome - 1;
        chance *= spot[source];
        for (int t = 0; t < TRAITS; t++) {
          boolean has = (outcome - 1 >> t & 1) == 1;
          chance *= has ? trait[t][source] : 1 - trait[t][source];
        }
      }
      boolean agrees = whole == null || whole == anySpot;
      for (int t = 0; t < TRAITS; t++) {
        agrees &= traits[t] == null || traits[t] == ((anyTraits >> t & 1) == 1);
      }
      sum += agrees ? chance : 0;
    }
    return sum;
  }

  @RepeatedTest(40)
  void equalCountingOverAllThatMayBeShown(RepetitionInfo repetition) {
    draw(new Random(repetition.getCurrentRepetition()));
    Boolean[] states = {null, true, false};
    for (Boolean whole : new Boolean[] {null, true}) {
      for (Boolean ring : states) {
        for (Boolean sunken : states) {
          if (ring == null && sunken == null) {
            continue;
          }
          for (int[] set :
              List.of(new int[0], new int[] {1}, new int[] {0, 2}, new int[] {0, 1, 2})) {
            assertThat(likelihood(whole, ring, sunken).under(set))
                .as("%s %s %s", whole, ring, sunken)
                .isCloseTo(counted(set, whole, ring, sunken), within(1e-12));
          }
        }
      }
    }
  }

  @Test
  void aSpotSaidBesideItsRingIsNoSecondEvidence() {
    draw(new Random(5));
    assertThat(likelihood(true, true, null).under(0, 1))
        .isEqualTo(likelihood(null, true, null).under(0, 1));
  }
}
