package org.mildlantern.app.feed;

import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.working.Working;

/**
 * Today’s cans and what is needed for them.
 *
 * @param product with which they are mixed, or null while there is none
 * @param caution about the product, or empty
 * @param notToday plants that are not fed today, by what speaks against it
 * @param traps plants that are fed by their traps
 */
record FeedView(
    List<Product> products,
    Product product,
    double litres,
    String caution,
    List<Can> cans,
    List<NotToday> notToday,
    List<Trapped> traps,
    boolean waterAssumed) {

  /** A feed of the collection. */
  record Product(Long id, String name, String printed, String words) {}

  /**
   * A can.
   *
   * @param title its strength
   * @param amount of the product and the waters for one can, in words
   * @param parts litres of each water in one can, in words
   * @param ec of the mix, in words
   * @param count how many cans they drink, in words
   * @param hard what is said where no water is soft enough; else empty
   */
  record Can(
      double ppm,
      String title,
      String amount,
      String parts,
      String ec,
      String count,
      String hard,
      List<PlantView> plants,
      Working working) {}

  /** Plants that are not fed today, and why. */
  record NotToday(String why, List<String> plants) {}

  /** A plant that is fed by its traps. */
  record Trapped(PlantView plant, String what) {}
}
