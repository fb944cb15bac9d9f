package org.mildlantern.core.light;

import java.util.List;

/**
 * All that decides on the light at a spot.
 *
 * @param outdoors whether it stands under the open sky; windows do not count then
 * @param shade share of light that a cloth lets through, 1 for none
 */
public record Setting(
    boolean outdoors, double shade, List<Seen> windows, Skyline skyline, List<Lamp> lamps) {

  /** A window, and where the leaves are as seen from it. */
  public record Seen(Opening window, Spot from) {}

  public Setting {
    windows = List.copyOf(windows);
    lamps = List.copyOf(lamps);
    if (!(shade >= 0 && shade <= 1)) {
      throw new IllegalArgumentException("a cloth lets a share of 0 to 1 through");
    }
  }

  /** Under the open sky. */
  public static Setting outdoors(double shade, Skyline skyline, List<Lamp> lamps) {
    return new Setting(true, shade, List.of(), skyline, lamps);
  }

  /** Behind windows. */
  public static Setting behind(List<Seen> windows, Skyline skyline, List<Lamp> lamps) {
    return new Setting(false, 1, windows, skyline, lamps);
  }
}
