package org.mildlantern.app.diagnose;

import java.time.Duration;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.PotSigns;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.diagnosis.Shared;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.growth.Stage;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.LostLeaves;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.water.Wetness;
import org.springframework.stereotype.Component;

/** Reads a plant's own records into the context that a diagnosis knows. */
@Component
class RecordReader {
  private static final int YEAR = 400;
  private static final Set<NoteKind> DRINKS = Set.of(NoteKind.WATERED, NoteKind.FILLED);

  /** A reading of the medium says nothing about today after a week. Rule of thumb. */
  private static final int FRESH_DAYS = 7;

  /** A pot felt damp or wet this many days before a drink was not dry at it. Rule of thumb. */
  private static final int WET_BEFORE_DAYS = 2;

  /** A change of light shows on leaves within this time. Rule of thumb. */
  private static final int MOVE_DAYS = 21;

  private static final int LOSS_DAYS = 30;

  /** Water that ran past says something of the pot for this long. Rule of thumb. */
  private static final int RAN_PAST_DAYS = 30;

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  private final JournalService journal;
  private final OpenCases cases;
  private final PlaceService places;
  private final SharedService shared;
  private final WateringService watering;
  private final Scope scope;

  RecordReader(
      JournalService journal,
      OpenCases cases,
      PlaceService places,
      SharedService shared,
      WateringService watering,
      Scope scope) {
    this.shared = shared;
    this.watering = watering;
    this.journal = journal;
    this.cases = cases;
    this.places = places;
    this.scope = scope;
  }

  PlantRecords read(PlantView plant) {
    PlantRecords.Builder records = new PlantRecords.Builder();
    ofPlace(plant.place(), records);
    ofPlant(plant, records);
    List<Entry> entries = journal.since(plant.id(), scope.now().minus(Duration.ofDays(YEAR)));
    ofEntries(entries, records);
    ofLight(entries, plant.place(), records);
    ofWater(plant, entries, records);
    ofShared(plant, records);
    return records.build(
        cases.causesNear(plant.place().id(), plant.id()), ofLosses(plant, entries, records));
  }

  private static void ofPlace(PlaceView place, PlantRecords.Builder records) {
    String source = "noted for " + place.name();
    PlaceView.Surroundings near = place.surroundings();
    records
        .number("temperature", place.temperature(), source)
        .number("humidity", place.humidity(), source)
        .number("coldest", near.coldest(), source)
        .number("warmest", near.warmest(), source)
        .choice("place-kind", place.kind().id(), source)
        .choice("place-light", light(place), source)
        .yesNo("near-draught", near.draught(), source)
        .yesNo("near-glass", near.glass(), source)
        .yesNo("near-heater", near.heater(), source)
        .yesNo("near-lamp", near.lamp(), source);
  }

  private static String light(PlaceView place) {
    return place.surroundings().light() == null
        ? null
        : place.surroundings().light().name().toLowerCase(Locale.ROOT);
  }

  private void ofPlant(PlantView plant, PlantRecords.Builder records) {
    LocalDate today = scope.today();
    String source = "noted for the plant";
    records
        .yesNo("outer-pot", plant.outerPot(), source)
        .yesNo("holes", plant.potHoles(), source)
        .choice("stage", plant.stage().id(), source);
    if (plant.stage() == Stage.FLOWER && plant.stageSince() != null) {
      records.number(
          "days-in-flower",
          days(plant.stageSince(), today),
          "in flower since " + day(plant.stageSince()));
    }
    if (plant.waterUsed() != null) {
      records.choice("water-used", plant.waterUsed().name().toLowerCase(Locale.ROOT), source);
    }
    if (plant.mediumSince() != null) {
      String since = "in its medium since " + day(plant.mediumSince());
      records
          .number("medium-age", days(plant.mediumSince(), today) / 30.44, since)
          .number("days-since-repot", days(plant.mediumSince(), today), since);
    }
    if (plant.medium() != null) {
      records.number("medium-life", (double) plant.medium().lifeMonths(), plant.medium().label());
    }
    if (plant.arrivedOn() != null) {
      records.number(
          "days-since-arrival",
          days(plant.arrivedOn(), today),
          "arrived on " + day(plant.arrivedOn()));
    }
  }

  private void ofEntries(List<Entry> entries, PlantRecords.Builder records) {
    LocalDate today = scope.today();
    last(entries, DRINKS, records, "days-since-watering");
    last(entries, NoteKind.FED, records, "days-since-feed");
    last(entries, NoteKind.MOVED, records, "days-since-move");
    last(entries, NoteKind.REPOTTED, records, "days-since-repot");
    last(entries, NoteKind.STOOD, records, "days-since-stood");
    latest(entries, NoteKind.FED)
        .ifPresent(
            feed ->
                records.number(
                    "last-feed-ppm",
                    feed.as(Fed.class).map(Fed::ppm).orElse(null),
                    sourceOf(feed)));
    if (!entries.isEmpty()) {
      records
          .number(
              "waterings-in-14-days",
              count(entries, DRINKS, today.minusDays(14)),
              "counted in its day book")
          .number(
              "feeds-in-90-days",
              count(entries, Set.of(NoteKind.FED), today.minusDays(90)),
              "counted in its day book");
    }
  }

  private static Moisture felt(Entry entry) {
    return entry.as(Felt.class).orElseThrow().deepest();
  }

  private void last(
      List<Entry> entries, NoteKind kind, PlantRecords.Builder records, String field) {
    last(entries, Set.of(kind), records, field);
  }

  private void last(
      List<Entry> entries, Set<NoteKind> kinds, PlantRecords.Builder records, String field) {
    entries.stream()
        .filter(e -> kinds.contains(e.kind()))
        .findFirst()
        .ifPresent(e -> records.number(field, days(scope.day(e.at()), scope.today()), sourceOf(e)));
  }

  private static Optional<Entry> latest(List<Entry> entries, NoteKind kind) {
    return entries.stream().filter(e -> e.kind() == kind).findFirst();
  }

  /** The leaves counted as lost within a month, beside what may go. */
  private Shedding ofLosses(PlantView plant, List<Entry> entries, PlantRecords.Builder records) {
    LocalDate today = scope.today();
    LocalDate moved =
        latest(entries, NoteKind.MOVED).map(move -> scope.day(move.at())).orElse(null);
    Shedding normal = plant.shedding(moved, today, scope.latitude());
    List<Entry> losses =
        entries.stream()
            .filter(e -> e.kind() == NoteKind.LOST)
            .filter(e -> days(scope.day(e.at()), today) <= LOSS_DAYS)
            .toList();
    if (!losses.isEmpty()) {
      double share =
          losses.stream().mapToDouble(e -> e.as(LostLeaves.class).orElseThrow().share()).sum();
      records
          .number("loss", Math.min(1, share), sourceOf(losses.get(0)))
          .number("loss-normal", normal.leaves(), normal.working().result() + " may go");
    }
    return normal;
  }

  /** How much lighter its place is than the one it was moved from within the last weeks. */
  private void ofLight(List<Entry> entries, PlaceView now, PlantRecords.Builder records) {
    latest(entries, NoteKind.MOVED)
        .filter(move -> days(scope.day(move.at()), scope.today()) <= MOVE_DAYS)
        .filter(move -> now.surroundings().light() != null)
        .flatMap(
            move ->
                move.as(Moved.class)
                    .map(Moved::from)
                    .flatMap(places::find)
                    .map(from -> rise(move, from, now)))
        .ifPresent(rise -> records.number("light-rise", rise.steps(), rise.source()));
  }

  private record Rise(Double steps, String source) {}

  private Rise rise(Entry move, PlaceView from, PlaceView now) {
    Double steps =
        from.surroundings().light() == null
            ? null
            : (double) now.surroundings().light().above(from.surroundings().light());
    return new Rise(steps, sourceOf(move));
  }

  private void ofShared(PlantView plant, PlantRecords.Builder records) {
    for (Shared.Cluster cluster : shared.clusters()) {
      if (cluster.plants().contains(plant.id())) {
        records.choice(
            cluster.ofPlace() ? "shared-in-place" : "shared-by-kind",
            "yes",
            cluster.plants().size() + " plants, see what they share");
      }
    }
  }

  private String sourceOf(Entry entry) {
    return day(scope.day(entry.at())) + ": " + entry.text();
  }

  private static String day(LocalDate day) {
    return DAY.format(day);
  }

  private double count(List<Entry> entries, Set<NoteKind> kinds, LocalDate after) {
    return entries.stream()
        .filter(e -> kinds.contains(e.kind()) && scope.day(e.at()).isAfter(after))
        .count();
  }

  /**
   * How the pot stands and has stood, and whether its pace changed, worked out from all that was
   * noted of it; where too little was, the last run of like readings speaks.
   */
  private void ofWater(PlantView plant, List<Entry> entries, PlantRecords.Builder records) {
    Optional<PotSigns> signs = watering.signs(plant, entries);
    signs
        .flatMap(PotSigns::wetness)
        .ifPresentOrElse(
            wetness -> ofWetness(wetness, signs.orElseThrow().told(), records),
            () -> ofMoisture(entries, records));
    signs
        .map(PotSigns::change)
        .ifPresent(
            change ->
                records.choice(
                    "pace",
                    change.surelyFaster() ? "faster" : change.surelySlower() ? "slower" : "same",
                    String.format(
                        Locale.ROOT,
                        "%.1f times its pace of five weeks ago, from %d entries",
                        change.ratio(),
                        signs.orElseThrow().told())));
    entries.stream()
        .filter(e -> e.note() instanceof Watered drink && drink.runOff() == Watered.RunOff.PAST)
        .filter(e -> days(scope.day(e.at()), scope.today()) <= RAN_PAST_DAYS)
        .findFirst()
        .ifPresent(e -> records.choice("ran-past", "yes", sourceOf(e)));
  }

  private static void ofWetness(Wetness wetness, int told, PlantRecords.Builder records) {
    String source =
        String.format(
            Locale.ROOT,
            "worked out from %d entries: %.0f %% of its water left",
            told,
            100 * wetness.left());
    records.choice("last-moisture", wetness.now().word(), source);
    if (wetness.now() == Moisture.DRY) {
      records.number(
          "dry-days", (double) wetness.dryDays(), source + ", dry for " + span(wetness.dryDays()));
    } else {
      records.number(
          "wet-days",
          (double) wetness.wetDays(),
          source + ", half full or more for " + span(wetness.wetDays()));
    }
  }

  private static String span(int days) {
    return days == 1 ? "a day" : days + " days";
  }

  /**
   * Reads the last run of like readings. Dry readings reach back to the last drink. Damp and wet
   * ones reach back to the last dry reading, or to the last drink that was given to a pot not known
   * to be wet already.
   */
  private void ofMoisture(List<Entry> entries, PlantRecords.Builder records) {
    LocalDate today = scope.today();
    List<Entry> aboutWater =
        entries.stream()
            .filter(e -> DRINKS.contains(e.kind()) || e.kind() == NoteKind.FELT)
            .toList();
    Moisture last = null;
    LocalDate since = null;
    for (int i = 0; i < aboutWater.size(); i++) {
      Entry entry = aboutWater.get(i);
      LocalDate day = scope.day(entry.at());
      if (DRINKS.contains(entry.kind())) {
        if (last == null || last == Moisture.DRY) {
          break;
        }
        since = day;
        if (!wetAlready(day, i + 1 < aboutWater.size() ? aboutWater.get(i + 1) : null)) {
          break;
        }
      } else {
        if (last == null && days(day, today) > FRESH_DAYS) {
          break;
        }
        if (last != null && (last == Moisture.DRY) != (felt(entry) == Moisture.DRY)) {
          break;
        }
        last = last == null ? felt(entry) : last;
        since = day;
      }
    }
    if (last != null) {
      String source = sourceOf(aboutWater.get(0));
      records
          .choice("last-moisture", last.word(), source)
          .number(
              last == Moisture.DRY ? "dry-days" : "wet-days",
              days(since, today),
              source + ", and like it since " + day(since));
    }
  }

  private boolean wetAlready(LocalDate watered, Entry before) {
    return before != null
        && before.kind() == NoteKind.FELT
        && felt(before) != Moisture.DRY
        && days(scope.day(before.at()), watered) <= WET_BEFORE_DAYS;
  }

  private static double days(LocalDate from, LocalDate to) {
    return Math.max(0, ChronoUnit.DAYS.between(from, to));
  }
}
