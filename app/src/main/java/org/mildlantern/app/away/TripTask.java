package org.mildlantern.app.away;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** What a visitor is asked to do for a plant on a day. */
@Entity
class TripTask {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long tripId;
  private Long plantId;
  private LocalDate day;
  private String amount;
  private Integer ml;
  private String avoid;

  @Enumerated(EnumType.STRING)
  private State state = State.OPEN;

  private Long entryId;

  protected TripTask() {}

  TripTask(Long tripId, LocalDate day, AwayView.Drink drink) {
    this.tripId = tripId;
    this.plantId = drink.plant().id();
    this.day = day;
    this.amount = drink.amount();
    this.ml = drink.ml();
    this.avoid = drink.not();
  }

  /** What became of it. */
  enum State {
    OPEN,
    DONE,
    /** It was still damp and was left so. */
    DAMP,
    NOT_DONE;

    /** Whether it was seen to. */
    boolean kept() {
      return this == DONE || this == DAMP;
    }
  }

  Long id() {
    return id;
  }

  Long tripId() {
    return tripId;
  }

  Long plantId() {
    return plantId;
  }

  LocalDate day() {
    return day;
  }

  /** In words, for people who do not know plants. */
  String amount() {
    return amount;
  }

  /** The same in ml where it is a measured drink, or null. */
  Integer ml() {
    return ml;
  }

  /** What must not be done, or empty. */
  String avoid() {
    return avoid;
  }

  State state() {
    return state;
  }

  /** The row of the day book that the answer wrote, or null. */
  Long entryId() {
    return entryId;
  }

  void answer(State state, Long entryId) {
    this.state = state;
    this.entryId = entryId;
  }
}
