package org.mildlantern.core.placing;

import java.util.List;

/**
 * Where plants can stand, and what it gives them.
 *
 * @param holds plants that find room
 * @param light mol/m² a day in each month that is looked at; empty while it is not known
 * @param apart whether what stands there must not mix with the others
 */
public record Stand(long id, int holds, List<Double> light, Airs air, boolean apart) {
  /**
   * Its air; what is not known is null and counts for nothing.
   *
   * @param coldest °C that a plant must bear there
   * @param warmest °C
   * @param humidity relative, %
   */
  public record Airs(Double coldest, Double warmest, Double humidity) {
    public static final Airs UNKNOWN = new Airs(null, null, null);
  }

  public Stand {
    light = List.copyOf(light);
  }
}
