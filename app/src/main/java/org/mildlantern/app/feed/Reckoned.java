package org.mildlantern.app.feed;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.feed.Element;
import org.mildlantern.core.feed.Label;
import org.mildlantern.core.feed.Solution;
import org.mildlantern.core.reading.Typed;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;

/**
 * What a dose of a feed gives, ready to be shown.
 *
 * @param amount for one can, in words
 * @param gives ppm of each element, in words
 * @param ec in pure water, in words
 */
record Reckoned(String amount, List<String> gives, String ec, Working working) {
  private static final Words WORDS = Words.of(Reckoned.class);

  /** More cannot be dissolved in a litre, g. */
  private static final double MOST = 1000;

  /** How a dose is said. */
  enum By {
    PPM_N("ppm nitrogen"),
    PER_LITRE("g or ml in a litre"),
    SHARE("of the label’s dose, such as 0.25");

    private final String label;

    By(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /**
   * Reckons.
   *
   * @throws IllegalArgumentException for what cannot be
   */
  static Reckoned of(ProductForm product, String typed, By by, double litres) {
    Label label = product.label();
    double value =
        Typed.decimal(typed)
            .filter(dose -> dose > 0)
            .orElseThrow(() -> new IllegalArgumentException(WORDS.say("dose")));
    double grams =
        switch (by) {
          case PPM_N -> {
            if (product.n() == 0) {
              throw new IllegalArgumentException(WORDS.say("no-nitrogen"));
            }
            yield label.gramsFor(Element.N, value);
          }
          case PER_LITRE -> weight(product, value);
          case SHARE -> {
            if (product.dose() == null) {
              throw new IllegalArgumentException(WORDS.say("no-dose"));
            }
            yield weight(product, value * product.dose());
          }
        };
    if (grams > MOST) {
      throw new IllegalArgumentException(WORDS.say("too-much"));
    }
    Solution feed = label.at(grams);
    List<String> gives = new ArrayList<>();
    for (Element element : Element.values()) {
      if (feed.of(element) > 0) {
        gives.add(WORDS.say("gives", element.symbol(), feed.of(element)));
      }
    }
    return new Reckoned(
        FeedService.amount(product, grams * litres),
        gives,
        WORDS.say("ec", feed.ecMsCm()),
        feed.working());
  }

  /** g of what is measured in ml where it is a liquid. */
  private static double weight(ProductForm product, double measured) {
    if (!product.liquid()) {
      return measured;
    }
    if (product.density() == null) {
      throw new IllegalArgumentException(WORDS.say("density"));
    }
    return measured * product.density();
  }
}
