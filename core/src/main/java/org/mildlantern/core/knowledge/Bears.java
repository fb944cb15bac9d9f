package org.mildlantern.core.knowledge;

import org.mildlantern.core.feed.Programme;
import org.mildlantern.core.light.LightWish;

/**
 * What a kind bears of light, sun, salts and lime, and what nitrogen it lives on. Rules of thumb.
 *
 * @param light that it wishes at its leaves now, growing or at rest
 * @param saltsMsCm conductivity of the water in its pot from which it is harmed
 * @param limePpm alkalinity of the water it is given, at most, as CaCO₃
 * @param nitrogenPpm in the mean of all its drinks while it grows; null where it is not fed at the
 *     roots
 */
public record Bears(LightWish light, double saltsMsCm, double limePpm, Double nitrogenPpm) {

  static Bears of(
      Kind kind, LightWish light, Programme programme, int wateredEvery, boolean resting) {
    boolean shy = kind.shyOf(Habits.Shy.SALTS);
    return new Bears(
        resting ? light.atRest() : light,
        programme.saltsFor(shy),
        programme.limeFor(shy),
        programme.roots()
            ? (Double)
                (programme.nitrogen(0.5)
                    * Math.min(1, (double) wateredEvery / programme.daysBetween(wateredEvery)))
            : null);
  }

  /**
   * Times the sun that burns leaves which are not used to it: as far as both its strength and its
   * length go.
   *
   * @param hours of direct sun
   * @param ppfd at its brightest, µmol/m²/s, or null where that is not known
   */
  public double sun(double hours, Double ppfd) {
    LightWish.Burn burn = light.burn();
    double length = hours / burn.hours();
    return ppfd == null ? length : Math.min(length, ppfd / burn.ppfd());
  }

  /**
   * Where a day’s light stands against the wish: −0.5 at its least, 0.5 at its most, by the
   * logarithm.
   *
   * @param dli mol/m², above 0
   */
  public double lightOver(double dli) {
    return Math.log(dli / Math.sqrt(light.low() * light.high()))
        / Math.log(light.high() / light.low());
  }
}
