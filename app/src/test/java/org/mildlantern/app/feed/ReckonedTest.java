package org.mildlantern.app.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class ReckonedTest {
  private static final ProductForm POWDER =
      feed(ProductForm.Convention.OXIDE, 20, 20, 20, false, null, null);

  private static ProductForm feed(
      ProductForm.Convention convention,
      double n,
      double p,
      double k,
      boolean liquid,
      Double density,
      Double dose) {
    return new ProductForm(
        "a feed",
        convention,
        n,
        p,
        k,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        liquid,
        density,
        dose,
        null);
  }

  @Test
  void aGramOfTwentyTwentyTwentyGivesTheElementsOfItsOxides() {
    Reckoned gram = Reckoned.of(POWDER, "1", Reckoned.By.PER_LITRE, 1);
    assertThat(gram.amount()).isEqualTo("1.0 g");
    assertThat(gram.gives()).hasSize(3);
    assertThat(gram.gives().get(0)).contains("N").contains("200");
    assertThat(gram.gives().get(1)).contains("P").contains("87");
    assertThat(gram.gives().get(2)).contains("K").contains("166");
  }

  @Test
  void elementsOnTheLabelAreNotTurnedOnceMore() {
    ProductForm elements = feed(ProductForm.Convention.ELEMENT, 20, 20, 20, false, null, null);
    assertThat(Reckoned.of(elements, "1", Reckoned.By.PER_LITRE, 1).gives().get(1)).contains("200");
  }

  @Test
  void aStrengthIsWeighedForTheWholeCan() {
    assertThat(Reckoned.of(POWDER, "100", Reckoned.By.PPM_N, 5).amount()).isEqualTo("2.5 g");
    assertThat(Reckoned.of(POWDER, "100", Reckoned.By.PPM_N, 1).amount()).isEqualTo("0.50 g");
  }

  @Test
  void aShareOfTheLabelsDoseNeedsThatDose() {
    ProductForm dosed = feed(ProductForm.Convention.OXIDE, 20, 20, 20, false, null, 2.0);
    assertThat(Reckoned.of(dosed, "0.25", Reckoned.By.SHARE, 4).amount()).isEqualTo("2.0 g");
    assertThatThrownBy(() -> Reckoned.of(POWDER, "0.25", Reckoned.By.SHARE, 4))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("is not noted");
  }

  @Test
  void aLiquidIsWeighedByItsDensityOrNotAtAll() {
    ProductForm dense = feed(ProductForm.Convention.OXIDE, 10, 0, 0, true, 1.25, null);
    Reckoned reckoned = Reckoned.of(dense, "2", Reckoned.By.PER_LITRE, 1);
    assertThat(reckoned.amount()).startsWith("2.0 ml");
    assertThat(reckoned.gives().get(0)).contains("250");
    ProductForm unknown = feed(ProductForm.Convention.OXIDE, 10, 0, 0, true, null, 2.0);
    for (Reckoned.By by : new Reckoned.By[] {Reckoned.By.PER_LITRE, Reckoned.By.SHARE}) {
      assertThatThrownBy(() -> Reckoned.of(unknown, "2", by, 1))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageContaining("How much a ml of it weighs");
    }
    assertThat(Reckoned.of(unknown, "100", Reckoned.By.PPM_N, 1).amount()).contains("1.0 g");
  }

  @Test
  void whatIsNoDoseIsSaidToBeNone() {
    for (String typed : new String[] {"", "lots", "0", "-1", "NaN"}) {
      assertThatThrownBy(() -> Reckoned.of(POWDER, typed, Reckoned.By.PER_LITRE, 1))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageContaining("A number, please");
    }
    assertThatThrownBy(() -> Reckoned.of(POWDER, "5000", Reckoned.By.PER_LITRE, 1))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("more than can be dissolved");
  }

  @Test
  void nitrogenIsNotMeasuredOutOfAFeedWithoutIt() {
    ProductForm potash = feed(ProductForm.Convention.OXIDE, 0, 0, 50, false, null, null);
    assertThatThrownBy(() -> Reckoned.of(potash, "100", Reckoned.By.PPM_N, 1))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(Reckoned.of(potash, "1", Reckoned.By.PER_LITRE, 1).gives()).hasSize(1);
  }
}
