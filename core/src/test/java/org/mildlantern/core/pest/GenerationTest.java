package org.mildlantern.core.pest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;

class GenerationTest {
  private static final Remedies REMEDIES = Library.shipped().remedies();

  /** Days from egg or birth to the grown stage at a constant temperature. */
  @ParameterizedTest(name = "{0} at {1} °C takes {2} to {3} days ({4})")
  @CsvSource({
    "spider-mites, 20, 14, 19, Helle & Sabelis 1985",
    "spider-mites, 25, 9, 12, Helle & Sabelis 1985",
    "spider-mites, 30, 6.5, 9, Helle & Sabelis 1985",
    "false-mites, 25, 20, 32, Childers et al. 2003",
    "broad-mites, 25, 4, 6, Gerson 1992",
    "thrips, 20, 19, 25, McDonald et al. 1998",
    "thrips, 25, 13, 18, McDonald et al. 1998",
    "thrips, 30, 10, 14, McDonald et al. 1998",
    "mealybugs, 20, 42, 60, Goldasteh et al. 2009",
    "mealybugs, 25, 28, 36, Goldasteh et al. 2009",
    "root-mealybugs, 22, 45, 100, rule of thumb",
    "soft-scale, 25, 40, 60, Hamon & Williams 1984",
    "armoured-scale, 25, 35, 60, Beardsley & Gonzalez 1975",
    "cottony-scale, 25, 45, 70, rule of thumb",
    "aphids, 15, 11, 14, Capinera 2001",
    "aphids, 20, 7, 10, Capinera 2001",
    "aphids, 25, 5.5, 8, Capinera 2001",
    "whitefly, 20, 27, 34, van Roermund & van Lenteren 1992",
    "whitefly, 25, 19, 24, van Roermund & van Lenteren 1992",
    "fungus-gnats, 20, 24, 31, Harris et al. 1996",
    "fungus-gnats, 24, 18, 24, Wilkinson & Daugherty 1970",
    "leaf-miners, 25, 16, 20, Parrella 1987",
    "foliar-nematodes, 20, 10, 15, Agrios 2005",
    "root-knot-nematodes, 27, 20, 28, Agrios 2005",
    "slugs, 15, 130, 220, rule of thumb",
  })
  void developmentTakesAsLongAsPublished(String id, double celsius, double least, double most) {
    LifeCycle pest = REMEDIES.pests().find(id).orElseThrow();
    double needed = pest.stages().stream().mapToDouble(LifeCycle.Phase::degreeDays).sum();
    assertThat(needed / Generation.degrees(pest, celsius)).isBetween(least, most);
  }

  @Test
  void spiderMitesAtTwentyDegreesTakeEighteenDays() {
    Generation generation = Generation.of(REMEDIES.pests().find("spider-mites").orElseThrow(), 20);
    assertThat(generation.days()).isCloseTo(18, within(1e-9));
    assertThat(generation.working().result()).isEqualTo("18 days");
  }

  @Test
  void warmthShortensItUpToTheLimitAndColdStopsIt() {
    for (LifeCycle pest : REMEDIES.pests()) {
      double last = Double.POSITIVE_INFINITY;
      for (double celsius = pest.lower() + 0.5; celsius <= pest.upper(); celsius += 0.5) {
        double days = Generation.of(pest, celsius).days();
        assertThat(days).as(pest.id()).isLessThan(last);
        last = days;
      }
      assertThat(Generation.of(pest, pest.upper() + 5).days())
          .isEqualTo(Generation.of(pest, pest.upper()).days());
      assertThat(Generation.of(pest, pest.lower()).days()).isInfinite();
      assertThat(Generation.of(pest, -5).working().result()).isEqualTo("it does not develop");
    }
  }
}
