package org.mildlantern.app.light;

import org.mildlantern.core.light.SunYear;

/**
 * The light on a plant beside that of three weeks ago, through moves, a changed view or the season.
 *
 * @param steps as places differ by from low to medium or bright light; negative for darker
 * @param spread standard deviation of the steps
 */
public record LightRise(double steps, double spread, SunYear.Clear before, SunYear.Clear after) {
  /** What is not known of a stand is the same before and after. Rule of thumb. */
  static final double SAME_STAND = 0.25;
}
