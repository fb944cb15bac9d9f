package org.mildlantern.app.away;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reads once what the round asks of absences that ended lately. */
@Component
@Transactional(readOnly = true)
class LateTrips {
  private static final int LONG_AGO = 21;

  private final TripRepository trips;
  private final TripPlantRepository plants;
  private final TripMessageRepository messages;
  private final CollectionMemo memo;
  private final Scope scope;

  LateTrips(
      TripRepository trips,
      TripPlantRepository plants,
      TripMessageRepository messages,
      CollectionMemo memo,
      Scope scope) {
    this.trips = trips;
    this.plants = plants;
    this.messages = messages;
    this.memo = memo;
    this.scope = scope;
  }

  /**
   * What is known of them.
   *
   * @param back the day of the return, by id
   * @param plants of those that ended
   * @param unseen what visitors told and no keeper has seen
   */
  record Late(
      Map<Long, LocalDate> back, List<TripPlant> plants, List<TripMessageRepository.Told> unseen) {}

  Late late() {
    return memo.once("late-trips", this::read);
  }

  private Late read() {
    LocalDate today = scope.today();
    List<Trip> all = trips.endingSince(today.minusDays(LONG_AGO));
    Map<Long, LocalDate> back =
        all.stream()
            .filter(trip -> trip.over(today))
            .collect(Collectors.toMap(Trip::id, Trip::back));
    return new Late(
        back,
        back.isEmpty() ? List.of() : plants.of(back.keySet()),
        all.isEmpty() ? List.of() : messages.unseen());
  }
}
