package org.mildlantern.core.water;

import java.time.LocalDate;
import org.mildlantern.core.air.Air;

/**
 * How strongly the air and the light draw on a pot in a day, against a reference of 1: a vapour
 * pressure deficit of 1 kPa with 8 mol of light a day.
 *
 * <p>demand = 0.15 + 0.55 · VPD + 0.30 · DLI ÷ 8, the form of a combination equation with a term
 * for the air and one for radiation (Penman 1948; Allen et al. 1998), its weights by rule of thumb
 * for plants indoors.
 *
 * @param vpd vapour pressure deficit in kPa
 * @param dli daily light integral in mol/m²
 * @param value the demand
 */
public record Demand(double vpd, double dli, double value) {
  private static final double BASE = 0.15;
  private static final double AIR = 0.55;
  private static final double LIGHT = 0.30;
  private static final double REFERENCE_DLI = 8;

  /**
   * The demand of a place.
   *
   * @param celsius air temperature
   * @param humidity relative humidity in %, 0 to 100
   * @param dli daily light integral in mol/m², 0 or more
   */
  public static Demand of(double celsius, double humidity, double dli) {
    double vpd = Air.saturation(celsius) * (1 - Math.max(0, Math.min(100, humidity)) / 100);
    return new Demand(vpd, dli, BASE + AIR * vpd + LIGHT * dli / REFERENCE_DLI);
  }

  /**
   * How the light of a day compares with that of the year's mean at the latitude, behind glass: a
   * cosine about midsummer whose swing grows with latitude. Rule of thumb until the light of the
   * spot is worked out.
   */
  public static double seasonOfLight(LocalDate day, double latitude) {
    double swing = Math.min(0.8, Math.abs(latitude) / 66);
    double angle = 2 * Math.PI * (day.getDayOfYear() - 172) / 365.25;
    return 1 + swing * Math.cos(angle) * Math.signum(latitude == 0 ? 1 : latitude);
  }
}
