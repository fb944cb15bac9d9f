package org.mildlantern.app.frame;

import org.mildlantern.app.web.Paged;

/**
 * The way to any plant: places with their plants, or the plants that ask for their keeper.
 *
 * @param byNeed whether it shows those that ask
 * @param folded whether there are too many plants to show all of them at once
 * @param asking how many plants ask
 * @param places in the keeper's order
 * @param need plants that ask, the most urgent first
 */
record Shelf(boolean byNeed, boolean folded, int asking, Paged<Place> places, Paged<Plant> need) {

  /**
   * A place.
   *
   * @param plants how many stand there
   * @param asking how many of them ask
   * @param open those that are shown, or null while it is shut
   */
  record Place(Long id, String name, String air, int plants, long asking, Paged<Plant> open) {}

  /** A plant with its lamp. */
  record Plant(Long id, String name, String lamp, String lampLabel) {}

  /**
   * Where the shelf is open.
   *
   * @param place whose plants are shown, or null
   * @param page of the places, or of the plants that ask
   * @param plants page of the plants of the place
   */
  record View(boolean byNeed, Long place, int page, int plants) {}

  /**
   * What the keeper last opened, as the browser keeps it.
   *
   * @param place id, or null for none
   */
  record Choice(boolean byNeed, Long place) {
    private static final String NEED = "need";

    static Choice of(String kept) {
      boolean id = kept != null && kept.matches("\\d{1,18}");
      return new Choice(NEED.equals(kept), id ? Long.valueOf(kept) : null);
    }

    String kept() {
      return byNeed ? NEED : place == null ? "" : place.toString();
    }
  }
}
