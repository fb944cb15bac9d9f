package org.mildlantern.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.feed.Mixture.Of;

class MixtureTest {
  private static final Solution PURE = new Solution(Map.of(), null, 0);

  /** Calcium nitrate of the trade, and Epsom salt (Nelson 2012). */
  private static final Of CALCIUM =
      new Of("Calcium nitrate", Label.oxide(15.5, 0, 0).with(Element.CA, 19));

  private static final Of EPSOM =
      new Of("Epsom salt", Label.oxide(0, 0, 0).with(Element.MG, 9.8).with(Element.S, 12.9));

  private static final Of FEED = new Of("Feed", Label.oxide(20, 10, 20));

  @Test
  void oneProductGivesWhatItIsDosedFor() {
    Mixture mix = Mixture.nearest(List.of(FEED), Map.of(Element.N, 200.0), PURE);
    assertThat(mix.grams().get("Feed")).isCloseTo(1, within(1e-9));
    assertThat(mix.off()).isCloseTo(0, within(1e-9));
  }

  @Test
  void calciumAndMagnesiumAreMadeUpForPureWater() {
    Map<Element, Double> wish = Map.of(Element.N, 100.0, Element.CA, 60.0, Element.MG, 20.0);
    Mixture mix = Mixture.nearest(List.of(FEED, CALCIUM, EPSOM), wish, PURE);
    wish.forEach((element, ppm) -> assertThat(mix.feed().of(element)).isCloseTo(ppm, within(0.01)));
    assertThat(mix.grams()).containsOnlyKeys("Feed", "Calcium nitrate", "Epsom salt");
  }

  @Test
  void whatTheWaterBringsIsNotGivenTwice() {
    Solution hard = new Solution(Map.of(Element.CA, 80.0, Element.MG, 25.0), null, 200);
    Mixture mix =
        Mixture.nearest(
            List.of(FEED, CALCIUM, EPSOM),
            Map.of(Element.N, 100.0, Element.CA, 60.0, Element.MG, 20.0),
            hard);
    assertThat(mix.grams()).containsOnlyKeys("Feed");
  }

  @Test
  void noWayOfMixingComesNearer() {
    Random random = new Random(4);
    Map<Element, Double> wish = Mixture.wish(120, List.of(3.0, 1.0, 4.0));
    List<Of> shelf = List.of(FEED, CALCIUM, new Of("Bloom", Label.oxide(5, 15, 35)));
    Mixture mix = Mixture.nearest(shelf, wish, PURE);
    double best = off(mix.feed(), wish);
    for (int i = 0; i < 5000; i++) {
      Solution other = PURE;
      for (Of product : shelf) {
        other = other.and(product.label().at(random.nextDouble() * 1.2));
      }
      assertThat(off(other, wish)).isGreaterThanOrEqualTo(best - 1e-9);
    }
    assertThat(mix.off()).isCloseTo(Math.sqrt(best / wish.size()), within(1e-9));
  }

  private static double off(Solution feed, Map<Element, Double> wish) {
    return wish.entrySet().stream()
        .mapToDouble(e -> Math.pow(1 - feed.of(e.getKey()) / e.getValue(), 2))
        .sum();
  }

  @Test
  void threeOneTwoLiesNearWhatPlantsHold() {
    // Marschner 2012: enough in dry matter is 15 g/kg of nitrogen, 2 of phosphorus, 10 of
    // potassium.
    Map<Element, Double> wish = Mixture.wish(150, List.of(3.0, 1.0, 2.0));
    assertThat(wish.get(Element.P)).isCloseTo(20, within(3.0));
    assertThat(wish.get(Element.K)).isCloseTo(100, within(20.0));
  }

  @Test
  void twoAlikeAreAsGoodAsOne() {
    Of again = new Of("Feed again", FEED.label());
    Mixture mix = Mixture.nearest(List.of(FEED, again), Map.of(Element.N, 100.0), PURE);
    assertThat(mix.grams()).hasSize(1);
  }

  @Test
  void calciumIsKeptFromSulphateAndPhosphate() {
    assertThat(Mixture.clashes(List.of(FEED, CALCIUM, EPSOM)))
        .containsExactlyInAnyOrder(
            new Mixture.Clash("Calcium nitrate", "Feed", Mixture.Falls.CALCIUM_PHOSPHATE),
            new Mixture.Clash("Calcium nitrate", "Epsom salt", Mixture.Falls.CALCIUM_SULPHATE));
    assertThat(Mixture.tanks(List.of(FEED, CALCIUM, EPSOM)))
        .containsExactly(List.of(FEED, EPSOM), List.of(CALCIUM));
    Of both = new Of("Both", FEED.label().with(Element.CA, 5));
    assertThat(Mixture.tanks(List.of(both, CALCIUM, EPSOM))).hasSize(3);
    assertThat(Mixture.order(List.of(CALCIUM, FEED, EPSOM)))
        .containsExactly("Feed", "Epsom salt", "Calcium nitrate");
  }

  @Test
  void wishesThatAreNoneAreRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Mixture.nearest(List.of(), Map.of(Element.N, 1.0), PURE));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Mixture.nearest(List.of(FEED), Map.of(), PURE));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Mixture.nearest(List.of(FEED), Map.of(Element.N, -5.0), PURE));
  }
}
