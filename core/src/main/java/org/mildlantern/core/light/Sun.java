package org.mildlantern.core.light;

import java.time.LocalDate;

/**
 * Where the sun stands on a day, by solar time: at noon it is highest.
 *
 * <p>Example: at 53° north on 21 December it stands 13.6° high at noon, in the south.
 *
 * @param latitude degrees, north positive
 * @param declination degrees, the latitude over which it stands at noon (Spencer 1971)
 * @param distance squared nearness of the earth to the sun, 1 in the mean (Spencer 1971)
 */
public record Sun(double latitude, double declination, double distance) {
  private static final double DEGREES_AN_HOUR = 15;

  /** So near to a pole east and west mean nothing. */
  private static final double POLEWARD = 89.9;

  /**
   * A direction in the sky.
   *
   * @param up degrees above the horizon
   * @param from degrees from north clockwise, 0 to 360
   */
  public record Position(double up, double from) {
    boolean isUp() {
      return up > 0;
    }
  }

  /**
   * The sun of a day.
   *
   * @param latitude −90 to 90
   * @throws IllegalArgumentException for another latitude
   */
  public static Sun of(double latitude, LocalDate day) {
    if (!(latitude >= -90 && latitude <= 90)) {
      throw new IllegalArgumentException("a latitude is −90 to 90, not " + latitude);
    }
    double turn = 2 * Math.PI * (day.getDayOfYear() - 1) / 365;
    double declination =
        0.006918
            - 0.399912 * Math.cos(turn)
            + 0.070257 * Math.sin(turn)
            - 0.006758 * Math.cos(2 * turn)
            + 0.000907 * Math.sin(2 * turn)
            - 0.002697 * Math.cos(3 * turn)
            + 0.00148 * Math.sin(3 * turn);
    double distance =
        1.00011
            + 0.034221 * Math.cos(turn)
            + 0.00128 * Math.sin(turn)
            + 0.000719 * Math.cos(2 * turn)
            + 0.000077 * Math.sin(2 * turn);
    return new Sun(
        Math.max(-POLEWARD, Math.min(POLEWARD, latitude)), Math.toDegrees(declination), distance);
  }

  /** Its hour angle at sunset in radians: 0 in a polar night, π in a polar day. */
  double sunset() {
    double cos = -Math.tan(Math.toRadians(latitude)) * Math.tan(Math.toRadians(declination));
    return Math.acos(Math.max(-1, Math.min(1, cos)));
  }

  /** Hours from sunrise to sunset, 0 to 24, without refraction. */
  public double hours() {
    return 2 * Math.toDegrees(sunset()) / DEGREES_AN_HOUR;
  }

  /**
   * Where it stands.
   *
   * @param hour solar time, 0 to 24, 12 at noon
   */
  public Position at(double hour) {
    double angle = hourAngle(hour);
    double lat = Math.toRadians(latitude);
    double dec = Math.toRadians(declination);
    double up =
        Math.asin(Math.sin(lat) * Math.sin(dec) + Math.cos(lat) * Math.cos(dec) * Math.cos(angle));
    double south =
        Math.atan2(
            Math.sin(angle), Math.cos(angle) * Math.sin(lat) - Math.tan(dec) * Math.cos(lat));
    return new Position(Math.toDegrees(up), (Math.toDegrees(south) + 180) % 360);
  }

  static double hourAngle(double hour) {
    return Math.toRadians((hour - 12) * DEGREES_AN_HOUR);
  }

  /** What falls on a level square metre above the air in a day, MJ (Duffie & Beckman 2013). */
  public double aboveTheAir() {
    double lat = Math.toRadians(latitude);
    double dec = Math.toRadians(declination);
    double ws = sunset();
    return 86400
        / Math.PI
        * Daylight.SOLAR_CONSTANT
        * distance
        * (Math.cos(lat) * Math.cos(dec) * Math.sin(ws) + ws * Math.sin(lat) * Math.sin(dec))
        / 1e6;
  }
}
