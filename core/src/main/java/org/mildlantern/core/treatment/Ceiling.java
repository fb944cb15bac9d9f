package org.mildlantern.core.treatment;

import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelRate.What;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.words.Words;

/**
 * How strong a mix may be at all, whatever was read from a label: a misread point or gallon shows
 * as more than any label asks for. Rules of thumb.
 */
public final class Ceiling {
  private static final Words WORDS = Words.of(Ceiling.class);

  /** Sprays: one part in twenty of a liquid product, 20 g of a powder in a litre. */
  private static final Means.Most SPRAY = new Means.Most(50, 20);

  private Ceiling() {}

  /**
   * Refuses a rate above what labels of such products are known to ask for.
   *
   * @param means what the product is, or null
   * @throws IllegalArgumentException with the reason
   */
  public static void check(LabelRate rate, Means means, LabelUse.Method method) {
    boolean thinnedByPercent = means != null && means.use().flammable();
    Means.Most most =
        means != null && means.mostPerLitre() != null
            ? means.mostPerLitre()
            : method == LabelUse.Method.SPRAY ? SPRAY : null;
    if (most == null || !rate.mixed() || thinnedByPercent || rate.what() == What.TABLET) {
      return;
    }
    double limit = rate.solid() ? most.g() : most.ml();
    if (rate.most() > limit * (1 + 1e-9)) {
      throw new IllegalArgumentException(
          WORDS.say(
              "dose.ceiling",
              rate.words(),
              Dose.amount(limit, rate.unit()),
              means == null ? "a spray" : means.label().toLowerCase(java.util.Locale.ROOT)));
    }
  }
}
