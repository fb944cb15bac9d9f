package org.mildlantern.app.away;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.plants.PlantView;

/**
 * A plan for an absence.
 *
 * @param head what it comes to, in words
 * @param saves what visits save, in words; empty where there are none
 * @param plants those that are at risk first
 * @param fine how many are well without anything
 * @param before what is done before, by day
 * @param visits what the visitor does, by day
 * @param back in which order one looks on the return
 * @param cost minutes and money, in words
 * @param expected what is left for each plant
 */
record AwayView(
    String head,
    String saves,
    List<Row> plants,
    int fine,
    List<Day> before,
    List<Visit> visits,
    List<PlantView> back,
    String cost,
    List<Expected> expected) {

  /**
   * What is expected of a plant under the plan.
   *
   * @param harm chance of it, 0 to 1
   * @param watered whether the visitor waters it
   */
  record Expected(Long plant, double harm, boolean watered) {}

  /**
   * A plant.
   *
   * @param alone what becomes of it alone, in words
   * @param done what is done for it, in words
   * @param left chance that is left, in percent
   * @param above whether that is more than the risk that is taken
   */
  record Row(PlantView plant, String alone, String done, long left, boolean above) {}

  /** A day before with what is done. */
  record Day(String day, List<String> steps) {}

  /** A visit. */
  record Visit(LocalDate on, List<AtPlace> places) {}

  /** Drinks at a place. */
  record AtPlace(String place, List<Drink> drinks) {}

  /**
   * A drink.
   *
   * @param amount in words, for people who do not know plants
   * @param ml the same where it is a measured drink, or null
   * @param not what must not be done, or empty
   */
  record Drink(PlantView plant, String amount, Integer ml, String not) {}
}
