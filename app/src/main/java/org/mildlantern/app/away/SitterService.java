package org.mildlantern.app.away;

import java.time.LocalDate;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SecretDoor;
import org.mildlantern.app.keeper.Secrets;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.photos.PhotoView;
import org.mildlantern.app.photos.Picture;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Remark;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.words.Words;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes what a visitor answers; each answer is checked to be about the visitor's own absence. */
@Service
@Transactional
class SitterService {
  private static final Words WORDS = Words.of(SitterService.class);

  private static final int MOST_MESSAGES = 60;
  private static final int LONGEST = 1000;

  /** Captions of pictures are shorter. */
  private static final int CAPTION = 100;

  private final TripRepository trips;
  private final TripTaskRepository tasks;
  private final TripMessageRepository messages;
  private final KeeperService keepers;
  private final PlantService plants;
  private final PlantNotes notes;
  private final PhotoService photos;
  private final JournalService journal;
  private final JdbcClient jdbc;
  private final Scope scope;

  SitterService(
      TripRepository trips,
      TripTaskRepository tasks,
      TripMessageRepository messages,
      KeeperService keepers,
      PlantService plants,
      PlantNotes notes,
      PhotoService photos,
      JournalService journal,
      JdbcClient jdbc,
      Scope scope) {
    this.trips = trips;
    this.tasks = tasks;
    this.messages = messages;
    this.keepers = keepers;
    this.plants = plants;
    this.notes = notes;
    this.photos = photos;
    this.journal = journal;
    this.jdbc = jdbc;
    this.scope = scope;
  }

  private record Link(Long trip, Long collection, LocalDate until) {}

  /** The absence to which a secret leads, until its last day. */
  @Transactional(readOnly = true)
  Optional<SecretDoor.Way> way(String secret) {
    return jdbc.sql(
            "select id, collection_id, until_day from trip where link_hash = :hash and back_on is"
                + " null")
        .param("hash", Secrets.hash(secret))
        .query(
            (row, n) -> new Link(row.getLong(1), row.getLong(2), row.getObject(3, LocalDate.class)))
        .optional()
        .flatMap(this::way);
  }

  private Optional<SecretDoor.Way> way(Link link) {
    return keepers
        .ofCollection(link.collection())
        .filter(keeper -> !link.until().isBefore(LocalDate.ofInstant(scope.now(), keeper.zone())))
        .map(keeper -> new SecretDoor.Way(keeper, link.trip()));
  }

  private Optional<TripTask> task(Long trip, Long id) {
    return tasks.byId(id).filter(task -> task.tripId().equals(trip));
  }

  /**
   * Answers a task; the same answer again changes nothing.
   *
   * @return false when there is no such task in the absence
   * @throws IllegalArgumentException with a message for the visitor
   */
  boolean answer(Long trip, Long id, TripTask.State state) {
    Optional<TripTask> found = task(trip, id);
    found.filter(task -> task.state() != state).ifPresent(task -> answer(task, state));
    return found.isPresent();
  }

  private void answer(TripTask task, TripTask.State state) {
    if (task.entryId() != null) {
      journal.retract(task.entryId());
    }
    Optional<Entry> entry =
        switch (state) {
          case DONE ->
              plants
                  .find(task.plantId())
                  .flatMap(
                      plant ->
                          notes.write(
                              plant.id(),
                              note(plant, task),
                              WORDS.say("visitor-did", task.amount())));
          case DAMP ->
              notes.write(
                  task.plantId(), Felt.probe(Moisture.DAMP), WORDS.say("visitor-left-damp"));
          case OPEN, NOT_DONE -> Optional.empty();
        };
    task.answer(state, entry.map(Entry::id).orElse(null));
  }

  private static Note note(PlantView plant, TripTask task) {
    return switch (plant.kind().water()) {
      case CUP, WET_FEET, AFLOAT -> new Filled(null);
      default ->
          new Watered(
              task.ml() == null ? null : (Double) (double) task.ml(), Watered.RunOff.NOT_SAID);
    };
  }

  /** The visitor's cup holds so much, ml. */
  void measureBy(Long trip, Integer ml) {
    trips.byId(trip).orElseThrow().measureBy(ml);
  }

  /** The newest picture of the plant of a task, as small as lists show it. */
  @Transactional(readOnly = true)
  Optional<byte[]> picture(Long trip, Long id) {
    return task(trip, id)
        .flatMap(task -> photos.of(task.plantId()).stream().findFirst())
        .map(PhotoView::id)
        .flatMap(photos::thumbnail);
  }

  /**
   * Takes a message.
   *
   * @param id of the task whose plant it is about, or null
   * @param file a picture, or empty
   * @return false when there is no such task in the absence
   * @throws IllegalArgumentException with a message for the visitor
   */
  boolean tell(Long trip, Long id, String text, byte[] file, boolean urgent) {
    Optional<TripTask> about = id == null ? Optional.empty() : task(trip, id);
    if (id != null && about.isEmpty()) {
      return false;
    }
    String words = text.strip();
    if (words.isEmpty() && file.length == 0) {
      throw new IllegalArgumentException(WORDS.say("tell-nothing"));
    }
    if (words.length() > LONGEST) {
      throw new IllegalArgumentException(WORDS.say("tell-long", LONGEST));
    }
    if (messages.count(trip) >= MOST_MESSAGES) {
      throw new IllegalArgumentException(WORDS.say("tell-many"));
    }
    Long plant = about.map(TripTask::plantId).orElse(null);
    TripMessage message = new TripMessage(trip, plant, scope.now(), words, urgent);
    if (plant == null) {
      messages.save(file.length == 0 ? message : message.showing(Picture.read(file).image()));
      return true;
    }
    if (file.length > 0) {
      String caption =
          words.isEmpty()
              ? WORDS.say("visitor-picture")
              : WORDS.say("visitor-shows", words.substring(0, Math.min(CAPTION, words.length())));
      photos.takenInBy(photos.add(plant, file, null, caption)).ifPresent(message::showing);
    }
    if (!words.isEmpty()) {
      notes.write(plant, new Remark(), WORDS.say("visitor-says", words));
    }
    messages.save(message);
    return true;
  }
}
