package org.mildlantern.app.away;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.plants.PlantView;

/**
 * An absence as its pages show it.
 *
 * @param back the day of the return
 * @param call whom a visitor calls; may be empty
 * @param cup what the visitor's cup holds, ml, or null
 * @param linked whether a link leads a visitor here
 * @param over whether the keeper has returned
 * @param visits by day
 * @param messages the newest first
 */
record TripView(
    Long id,
    LocalDate from,
    LocalDate back,
    String call,
    Integer cup,
    boolean linked,
    boolean over,
    List<Visit> visits,
    List<Message> messages) {

  /**
   * A visit.
   *
   * @param today whether it is today's
   * @param open how much of it is not answered
   */
  record Visit(LocalDate day, String words, boolean today, long open, List<AtPlace> places) {}

  /** What is done at a place. */
  record AtPlace(String place, List<Task> tasks) {}

  /**
   * What is done for a plant.
   *
   * @param amount in words, by the visitor's cup where that is known
   * @param avoid what must not be done, or empty
   * @param felt whether it is felt first and left when it is damp
   * @param photo id of its newest picture, or null
   */
  record Task(
      Long id,
      PlantView plant,
      String amount,
      String avoid,
      boolean felt,
      TripTask.State state,
      Long photo) {
    public boolean done() {
      return state.kept();
    }
  }

  /**
   * What a visitor wrote or showed.
   *
   * @param plant what it is about, or null
   * @param picture address of its picture, or null
   */
  record Message(
      Long id,
      PlantView plant,
      Instant at,
      String text,
      boolean urgent,
      boolean seen,
      String picture) {}

  /**
   * A plant as it is looked at on the return.
   *
   * @param expected in words
   * @param found how it was found, or null
   */
  record Return(PlantView plant, String expected, boolean likely, TripPlant.Found found) {}

  /** Plants of a place in the order in which they are looked at. */
  record ReturnAt(Long placeId, String place, List<Return> plants, long open) {}

  /** An absence in the list of them. */
  record Line(Long id, String days, String state) {}
}
