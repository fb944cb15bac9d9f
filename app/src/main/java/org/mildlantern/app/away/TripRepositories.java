package org.mildlantern.app.away;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface TripRepository extends CollectionRepository<Trip> {
  @Query("select t from Trip t order by t.fromDay desc, t.id desc limit 30")
  List<Trip> latest();

  @Query("select t from Trip t where t.untilDay >= :day or t.backOn >= :day")
  List<Trip> endingSince(LocalDate day);
}

interface TripPlantRepository extends CollectionRepository<TripPlant> {
  @Query("select p from TripPlant p where p.tripId in :trips order by p.id")
  List<TripPlant> of(Collection<Long> trips);

  @Query("select p from TripPlant p where p.tripId = :trip and p.plantId = :plant")
  Optional<TripPlant> of(Long trip, Long plant);

  /** Plants that were found after absences that took as long as planned, the latest first. */
  @Query(
      "select p from TripPlant p join Trip t on t.id = p.tripId where p.found is not null and"
          + " (t.backOn is null or t.backOn = t.untilDay) order by p.foundOn desc limit 1000")
  List<TripPlant> found();

  @Query("select p from TripPlant p where p.entryId = :entry")
  Optional<TripPlant> byEntry(Long entry);
}

interface TripTaskRepository extends CollectionRepository<TripTask> {
  @Query("select t from TripTask t where t.tripId in :trips order by t.day, t.id")
  List<TripTask> of(Collection<Long> trips);

  @Query("select t from TripTask t where t.entryId = :entry")
  Optional<TripTask> byEntry(Long entry);
}

interface TripMessageRepository extends CollectionRepository<TripMessage> {
  /** Messages without the bytes of their pictures, the newest first. */
  @Query(
      "select m.id as id, m.tripId as tripId, m.plantId as plantId, m.at as at, m.text as text,"
          + " m.urgent as urgent, m.seenOn as seenOn, m.photoId as photoId,"
          + " case when m.image is null then false else true end as pictured"
          + " from TripMessage m where m.tripId = :trip order by m.at desc, m.id desc")
  List<Told> of(Long trip);

  @Query("select count(m) from TripMessage m where m.tripId = :trip")
  long count(Long trip);

  @Query(
      "select m.id as id, m.tripId as tripId, m.plantId as plantId, m.at as at, m.text as text,"
          + " m.urgent as urgent, m.seenOn as seenOn, m.photoId as photoId,"
          + " case when m.image is null then false else true end as pictured"
          + " from TripMessage m where m.seenOn is null order by m.at, m.id")
  List<Told> unseen();

  /** A message without the bytes of its picture. */
  interface Told {
    Long getId();

    Long getTripId();

    Long getPlantId();

    Instant getAt();

    String getText();

    boolean getUrgent();

    LocalDate getSeenOn();

    /** Its picture among those of its plant, or null. */
    Long getPhotoId();

    /** Whether it has a picture of its own. */
    boolean getPictured();
  }
}
