package org.mildlantern.app.away;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.Secrets;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.photos.PhotoView;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.away.FirstDrinks;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.knowledge.Watering;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps planned absences: the visits, the link that leads a visitor, and what was found after. */
@Service
@Transactional
class TripService {
  private static final Words WORDS = Words.of(TripService.class);

  /** From this chance on harm is said to be expected. */
  private static final double LIKELY = 0.1;

  /** Ways to water in which a finger tells whether it is time. */
  private static final Set<Watering> FELT =
      EnumSet.complementOf(
          EnumSet.of(Watering.SOAK, Watering.CUP, Watering.WET_FEET, Watering.AFLOAT));

  private final TripRepository trips;
  private final TripPlantRepository expected;
  private final TripTaskRepository tasks;
  private final TripMessageRepository messages;
  private final PlantService plants;
  private final PlantNotes notes;
  private final PhotoService photos;
  private final WateringService watering;
  private final JournalService journal;
  private final Scope scope;

  TripService(
      TripRepository trips,
      TripPlantRepository expected,
      TripTaskRepository tasks,
      TripMessageRepository messages,
      PlantService plants,
      PlantNotes notes,
      PhotoService photos,
      WateringService watering,
      JournalService journal,
      Scope scope) {
    this.trips = trips;
    this.expected = expected;
    this.tasks = tasks;
    this.messages = messages;
    this.plants = plants;
    this.notes = notes;
    this.photos = photos;
    this.watering = watering;
    this.journal = journal;
    this.scope = scope;
  }

  /** Keeps a plan; the id of its absence. */
  Long keep(AwayForm form, TripForm told, AwayView plan) {
    Trip trip =
        trips.save(
            new Trip(
                form.from(),
                form.until(),
                told.call() == null ? "" : told.call().strip(),
                told.cup(),
                scope.now()));
    expected.saveAll(
        plan.expected().stream()
            .map(one -> new TripPlant(trip.id(), one.plant(), one.harm(), one.watered()))
            .toList());
    tasks.saveAll(
        plan.visits().stream()
            .flatMap(
                visit ->
                    visit.places().stream()
                        .flatMap(at -> at.drinks().stream())
                        .map(drink -> new TripTask(trip.id(), visit.on(), drink)))
            .toList());
    return trip.id();
  }

  @Transactional(readOnly = true)
  List<TripView.Line> lines() {
    return trips.latest().stream()
        .map(
            trip ->
                new TripView.Line(
                    trip.id(),
                    WORDS.say("days", Days.near(trip.fromDay()), Days.near(trip.back())),
                    WORDS.say("state", state(trip))))
        .toList();
  }

  private String state(Trip trip) {
    LocalDate today = scope.today();
    return trip.over(today) ? "over" : today.isBefore(trip.fromDay()) ? "ahead" : "under-way";
  }

  @Transactional(readOnly = true)
  Optional<TripView> view(Long id) {
    return trips.byId(id).map(this::view);
  }

  private TripView view(Trip trip) {
    List<TripTask> all = tasks.of(List.of(trip.id()));
    List<TripMessageRepository.Told> told = messages.of(trip.id());
    List<Long> ids = new ArrayList<>(all.stream().map(TripTask::plantId).distinct().toList());
    told.stream().map(TripMessageRepository.Told::getPlantId).forEach(ids::add);
    Map<Long, PlantView> known = plants.find(ids.stream().filter(id -> id != null).toList());
    Map<Long, PhotoView> pictures = ids.isEmpty() ? Map.of() : photos.newest(known.keySet());
    return new TripView(
        trip.id(),
        trip.fromDay(),
        trip.back(),
        trip.call(),
        trip.cupMl(),
        trip.hasLink(),
        trip.over(scope.today()),
        visits(trip, all, known, pictures),
        told.stream().map(one -> message(one, known)).toList());
  }

  private List<TripView.Visit> visits(
      Trip trip, List<TripTask> all, Map<Long, PlantView> known, Map<Long, PhotoView> pictures) {
    Map<LocalDate, Map<String, List<TripView.Task>>> days = new LinkedHashMap<>();
    for (TripTask task : all) {
      PlantView plant = known.get(task.plantId());
      PhotoView picture = pictures.get(task.plantId());
      days.computeIfAbsent(task.day(), day -> new LinkedHashMap<>())
          .computeIfAbsent(plant.place().name(), place -> new ArrayList<>())
          .add(
              new TripView.Task(
                  task.id(),
                  plant,
                  amount(task, trip.cupMl()),
                  task.avoid(),
                  FELT.contains(plant.kind().water()),
                  task.state(),
                  picture == null ? null : picture.id()));
    }
    List<TripView.Visit> visits = new ArrayList<>();
    days.forEach(
        (day, places) ->
            visits.add(
                new TripView.Visit(
                    day,
                    Days.spoken(day),
                    day.equals(scope.today()),
                    places.values().stream()
                        .flatMap(List::stream)
                        .filter(task -> task.state() == TripTask.State.OPEN)
                        .count(),
                    places.entrySet().stream()
                        .map(at -> new TripView.AtPlace(at.getKey(), at.getValue()))
                        .toList())));
    return visits;
  }

  /** A drink by the cup, to the nearest quarter. */
  private static String amount(TripTask task, Integer cup) {
    if (cup == null || task.ml() == null) {
      return task.amount();
    }
    long quarters = Math.max(1, Math.round(4.0 * task.ml() / cup));
    return WORDS.say("by-cup", task.amount(), quarters / 4, "q" + quarters % 4);
  }

  private static TripView.Message message(
      TripMessageRepository.Told told, Map<Long, PlantView> known) {
    String picture =
        told.getPhotoId() != null
            ? "/photos/" + told.getPhotoId()
            : told.getPictured() ? "/away/messages/" + told.getId() + "/picture" : null;
    return new TripView.Message(
        told.getId(),
        told.getPlantId() == null ? null : known.get(told.getPlantId()),
        told.getAt(),
        told.getText(),
        told.getUrgent(),
        told.getSeenOn() != null,
        picture);
  }

  /** Makes a link for a visitor, and ends a former one; its secret, which is shown only now. */
  Optional<String> link(Long id) {
    return trips
        .byId(id)
        .filter(trip -> !trip.over(scope.today()))
        .map(
            trip -> {
              String secret = Secrets.fresh();
              trip.lead(Secrets.hash(secret));
              return secret;
            });
  }

  boolean endLink(Long id) {
    return trips.byId(id).map(trip -> lead(trip, null)).isPresent();
  }

  private static Trip lead(Trip trip, String hash) {
    trip.lead(hash);
    return trip;
  }

  /** The keeper is back, perhaps before the day that was planned. */
  boolean isBack(Long id) {
    Optional<Trip> found = trips.byId(id);
    found.filter(trip -> !trip.over(scope.today())).ifPresent(trip -> trip.isBack(scope.today()));
    return found.isPresent();
  }

  boolean remove(Long id) {
    Optional<Trip> found = trips.byId(id);
    found.ifPresent(trips::delete);
    return found.isPresent();
  }

  /**
   * Plants in the order in which they are looked at: warm shut rooms first, as pests like those,
   * quarantine last; within, those of which harm is expected first.
   */
  @Transactional(readOnly = true)
  List<TripView.ReturnAt> back(Long id) {
    List<TripPlant> all = expected.of(List.of(id));
    Map<Long, PlantView> known = plants.find(all.stream().map(TripPlant::plantId).toList());
    Map<Long, List<TripPlant>> byPlace = new LinkedHashMap<>();
    all.stream()
        .sorted(
            Comparator.comparing((TripPlant one) -> order(known.get(one.plantId())))
                .thenComparing(one -> known.get(one.plantId()).place().name())
                .thenComparing(one -> -one.expected())
                .thenComparing(one -> known.get(one.plantId()).name()))
        .forEach(
            one ->
                byPlace
                    .computeIfAbsent(
                        known.get(one.plantId()).place().id(), place -> new ArrayList<>())
                    .add(one));
    boolean asPlanned = trips.byId(id).orElseThrow().asPlanned();
    return byPlace.values().stream().map(here -> at(here, known, asPlanned)).toList();
  }

  private static double order(PlantView plant) {
    boolean shut =
        plant.place().kind() == PlaceKind.INDOOR || plant.place().kind() == PlaceKind.CASE;
    return plant.place().quarantine() ? 1000 : (shut ? 0 : 500) - plant.place().warmth();
  }

  private static TripView.ReturnAt at(
      List<TripPlant> here, Map<Long, PlantView> known, boolean asPlanned) {
    PlantView first = known.get(here.get(0).plantId());
    return new TripView.ReturnAt(
        first.place().id(),
        first.place().name(),
        here.stream()
            .map(
                one ->
                    new TripView.Return(
                        known.get(one.plantId()),
                        asPlanned ? WORDS.say("expected", 100 * one.expected()) : "",
                        asPlanned && one.expected() >= LIKELY,
                        one.found()))
            .toList(),
        here.stream().filter(one -> one.found() == null).count());
  }

  /**
   * Notes how plants were found.
   *
   * @return how many; those that were not in the absence are left
   */
  int find(Long id, Collection<Long> plantIds, TripPlant.Found found) {
    Trip trip = trips.byId(id).orElseThrow();
    if (!trip.over(scope.today())) {
      throw new IllegalArgumentException(WORDS.say("not-back"));
    }
    Map<Long, TripPlant> all =
        expected.of(List.of(id)).stream().collect(Collectors.toMap(TripPlant::plantId, one -> one));
    int count = 0;
    for (Long plant : plantIds) {
      TripPlant one = all.get(plant);
      if (one != null && one.found() != found) {
        if (one.entryId() != null) {
          journal.retract(one.entryId());
        }
        Entry entry =
            notes
                .write(
                    plant,
                    new Looked(Looked.What.OVER, null),
                    trip.asPlanned()
                        ? WORDS.say("found-expected", found.name(), 100 * one.expected())
                        : WORDS.say("found", found.name()))
                .orElseThrow();
        one.find(found, scope.today(), entry.id());
        count++;
      }
    }
    return count;
  }

  /** A plant that was found limp had a step of its drink; empty when it was not in the absence. */
  Optional<Entry> drink(Long id, Long plantId) {
    return expected
        .of(id, plantId)
        .flatMap(one -> plants.find(one.plantId()))
        .flatMap(
            plant ->
                FirstDrinks.of(
                    plant.kind(),
                    watering.drinks(List.of(plant)).get(plant.id()),
                    plant.restsDry(scope.today(), scope.latitude())))
        .flatMap(drinks -> notes.write(plantId, drinks.note()));
  }

  /** Pests were looked for on plants after the return; how many. */
  int lookedForPests(Long id, Collection<Long> plantIds) {
    int count = 0;
    for (TripPlant one : expected.of(List.of(id))) {
      if (plantIds.contains(one.plantId()) && one.pestsOn() == null) {
        notes.write(one.plantId(), new Looked(Looked.What.OVER, null), WORDS.say("no-pests"));
        one.lookedForPests(scope.today());
        count++;
      }
    }
    return count;
  }

  @Transactional(readOnly = true)
  Optional<byte[]> picture(Long message) {
    return messages.byId(message).map(TripMessage::image);
  }

  boolean see(Long message) {
    Optional<TripMessage> found = messages.byId(message);
    found.ifPresent(one -> one.see(scope.today()));
    return found.isPresent();
  }

  /** Whoever answered by a row that is taken back has not answered. */
  @EventListener
  void takeBack(EntryRetracted event) {
    Long root = event.entry().root();
    tasks.byEntry(root).ifPresent(task -> task.answer(TripTask.State.OPEN, null));
    expected.byEntry(root).ifPresent(TripPlant::forget);
  }
}
