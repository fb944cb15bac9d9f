package org.mildlantern.core.treatment;

import java.util.List;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * A weaker mix from a stronger stock by C1·V1 = C2·V2.
 *
 * <p>Example: 100 ml of alcohol at 70 % from stock at 96 % takes 72.9 ml of stock and water up to
 * 100 ml. That alcohol and water shrink by a few percent when mixed is left out.
 *
 * @param stockMl of the stock
 * @param waterMl of water
 */
public record Dilution(double stockMl, double waterMl, Working working) {
  private static final Words WORDS = Words.of(Dilution.class);

  /**
   * Works out the two volumes.
   *
   * @param stock strength of the stock in %, above 0 and up to 100
   * @param wished strength of the mix in %, above 0 and not above the stock's
   * @throws IllegalArgumentException for anything else; the message is meant for the keeper
   */
  public static Dilution of(double stock, double wished, double millilitres) {
    if (!(stock > 0) || stock > 100) {
      throw new IllegalArgumentException("The stock's strength lies above 0 and up to 100 %.");
    }
    if (!(wished > 0)) {
      throw new IllegalArgumentException("A strength of zero is plain water.");
    }
    if (wished > stock) {
      throw new IllegalArgumentException("A mix cannot be stronger than its stock.");
    }
    if (!(millilitres > 0) || millilitres > 1_000_000) {
      throw new IllegalArgumentException("More than nothing and at most 1000 litres, please.");
    }
    double v1 = wished * millilitres / stock;
    return new Dilution(
        v1,
        millilitres - v1,
        new Working(
            "Dilution",
            "C1·V1 = C2·V2",
            List.of(
                new Step("Stock", WORDS.say("percent", stock)),
                new Step("Wished", WORDS.say("percent", wished)),
                new Step("Mix", Dose.amount(millilitres, "ml")),
                new Step("Water", Dose.amount(millilitres - v1, "ml"))),
            WORDS.say("dilution.stock", Dose.amount(v1, "ml")),
            "conservation of the dissolved amount; shrinking on mixing is left out"));
  }
}
