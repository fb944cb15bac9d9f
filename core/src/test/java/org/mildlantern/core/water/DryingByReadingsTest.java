package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Pots that dry by the weather of their room: reckoned by its usual air, and by what was read. */
class DryingByReadingsTest {
  private static final int POTS = 300;
  private static final int LONGEST = 80;
  private static final double THRESHOLD = 0.35;

  private final Random random = new Random(1859);

  @Test
  void theLevelIsReckonedBetterByWhatWasReadThanByWhatIsUsual() {
    double byUsual = 0;
    double byReadings = 0;
    for (int n = 0; n < POTS; n++) {
      double factor = 0.05 + 0.1 * random.nextDouble();
      double celsius = 14 + 8 * random.nextDouble();
      double humidity = 40 + 30 * random.nextDouble();
      double dli = 1 + 7 * random.nextDouble();
      double usual = Demand.of(celsius, humidity, dli).value();
      PotWater truth = new PotWater(500, 500);
      PotWater constant = truth;
      PotWater read = truth;
      int day = 0;
      double warm = 0;
      double moist = 0;
      while (truth.share() > THRESHOLD && day < LONGEST) {
        warm = 0.8 * warm + 1.8 * random.nextGaussian();
        moist = 0.8 * moist + 5 * random.nextGaussian();
        double cloud = Math.exp(0.5 * random.nextGaussian());
        double real = Demand.of(celsius + warm, humidity + moist, dli * cloud).value();
        double noted =
            Demand.of(
                    celsius + warm + 0.3 * random.nextGaussian(),
                    humidity + moist + 2 * random.nextGaussian(),
                    dli)
                .value();
        truth = truth.dry(factor, real).after();
        constant = constant.dry(factor, usual).after();
        read = read.dry(factor, noted).after();
        day++;
      }
      byUsual += Math.abs(constant.share() - truth.share());
      byReadings += Math.abs(read.share() - truth.share());
    }
    System.out.printf(
        "level on the day it is dry: off by %.3f by the usual air, %.3f by readings%n",
        byUsual / POTS, byReadings / POTS);
    assertThat(byReadings).isLessThan(0.5 * byUsual);
  }
}
