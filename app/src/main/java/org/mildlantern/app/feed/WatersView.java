package org.mildlantern.app.feed;

import java.util.List;

/**
 * The waters of the collection against what its plants bear.
 *
 * @param serves how each group of plants is served by them
 * @param all the cheapest blend that serves all, in words; empty without waters
 */
record WatersView(List<Water> waters, List<Serves> serves, String all, double litres) {

  /**
   * A water.
   *
   * @param figures conductivity, hardness and the rest with their bands, in words
   * @param hazard what sodium does, or empty
   * @param standing what letting it stand does, or empty
   * @param suits how many plants bear it as it is, in words
   */
  record Water(
      Long id,
      String name,
      String kind,
      List<Figure> figures,
      String hazard,
      String standing,
      String suits) {}

  /** A figure of a water. */
  record Figure(String name, String value, boolean known) {}

  /**
   * What a group of plants bears, and the blend that serves it.
   *
   * @param hard whether no water is soft enough
   */
  record Serves(String plants, String bears, String blend, boolean hard) {}
}
