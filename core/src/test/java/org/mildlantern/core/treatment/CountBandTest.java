package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.treatment.CountBand.Count;

class CountBandTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Remedies REMEDIES = Library.shipped().remedies();
  private static final LifeCycle MITES = REMEDIES.pests().find("spider-mites").orElseThrow();
  private final Outlook outlook = new Outlook(MITES, 20, 150);

  private static List<Visit> visits(String means, int... days) {
    return IntStream.of(days)
        .mapToObj(d -> new Visit(d, List.of(REMEDIES.means().find(means).orElseThrow())))
        .toList();
  }

  private CountBand band(List<Visit> plan, int... dayAndCount) {
    List<Count> counts =
        IntStream.range(0, dayAndCount.length / 2)
            .mapToObj(i -> new Count(dayAndCount[2 * i], dayAndCount[2 * i + 1]))
            .toList();
    return CountBand.of(MITES, outlook, plan, counts);
  }

  private NotWorking why(CountBand band, List<Visit> done, boolean apart, double probability) {
    Patient patient = Patient.of(Kinds.form("leafy-stem"), REMEDIES);
    return NotWorking.of(
        MITES,
        new NotWorking.Course(done, 0, apart, false, false, probability),
        band,
        18,
        patient,
        REMEDIES);
  }

  @Test
  void theFirstCountSetsTheScaleAndTheForecastFollows() {
    CountBand band = band(visits("soap", 0, 5, 10), 0, 14, 6, 5, 11, 2);
    assertThat(band.rows()).hasSize(3);
    assertThat(band.rows().get(0).expected()).isCloseTo(14, within(0.6));
    assertThat(band.rows().get(1).expected()).isLessThan(14);
    assertThat(band.rows().get(1).low()).isLessThanOrEqualTo(band.rows().get(1).high());
    assertThat(band.notWorking()).isFalse();
  }

  @Test
  void aboveTheBandTwiceMeansItDoesNotWork() {
    List<Visit> plan = visits("avermectin", 0, 7, 14, 21);
    assertThat(band(plan, 0, 14, 8, 60).notWorking()).isFalse();
    CountBand twice = band(plan, 0, 14, 8, 60, 15, 90);
    assertThat(twice.notWorking()).isTrue();
    NotWorking why = why(twice, visits("avermectin", 0, 7, 20), true, 0.9);
    assertThat(why.reasons().get(0).label()).isEqualTo("Resistance");
    assertThat(why.next()).isNotEmpty().noneMatch(m -> m.group().equals("IRAC 6"));
    assertThat(why.next().get(0).legal())
        .isEqualTo(org.mildlantern.core.knowledge.Means.Legal.FREE);
  }

  @Test
  void reasonsFollowTheRecords() {
    List<Visit> washes = visits("soap", 0, 5);
    CountBand never = band(washes, 0, 10, 6, 60, 11, 80);
    assertThat(why(never, washes, true, 0.4).reasons().get(0).label()).isEqualTo("Wrong name");
    CountBand back = band(washes, 0, 20, 6, 0, 12, 40, 16, 60);
    assertThat(why(back, washes, false, 0.9).reasons())
        .extracting(NotWorking.Reason::label)
        .contains("Missed spots", "Brought in again")
        .doesNotContain("Resistance", "Wrong name");
  }

  @Test
  void nothingCountedGivesNoRowsAndZeroesBeforeTheFirstFindAreLeftOut() {
    assertThat(band(visits("soap", 0)).rows()).isEmpty();
    assertThat(band(visits("soap", 0), 0, 0, 3, 0).rows()).isEmpty();
    assertThat(band(visits("soap", 0), 0, 0, 3, 4).rows()).hasSize(1);
  }

  @Test
  void theBandIsThatOfANegativeBinomial() {
    assertThat(CountBand.quantile(0, 0.9)).isZero();
    double p = 2.0 / (2 + 5);
    double sum = 0;
    double mass = p * p;
    for (int k = 0; k <= CountBand.quantile(5, 0.9); k++) {
      sum += mass;
      mass *= (k + 2.0) / (k + 1) * (1 - p);
    }
    assertThat(sum).isGreaterThanOrEqualTo(0.9);
  }
}
