package org.mildlantern.app.diagnose;

import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.journal.EntryKind;
import org.mildlantern.core.journal.Moisture;
import org.springframework.stereotype.Component;

/** Reads a plant's own records into the context that a diagnosis knows. */
@Component
class RecordReader {
  private static final int YEAR = 400;

  /** A reading of the medium says nothing about today after a week. Rule of thumb. */
  private static final int FRESH_DAYS = 7;

  /** A pot felt damp or wet this many days before a drink was not dry at it. Rule of thumb. */
  private static final int WET_BEFORE_DAYS = 2;

  private final JournalService journal;
  private final OpenCases cases;
  private final Scope scope;

  RecordReader(JournalService journal, OpenCases cases, Scope scope) {
    this.journal = journal;
    this.cases = cases;
    this.scope = scope;
  }

  Circumstances read(PlantView plant) {
    Map<String, Double> numbers = new LinkedHashMap<>();
    Map<String, String> choices = new LinkedHashMap<>();
    ofPlant(plant, numbers, choices);
    List<Entry> entries = journal.since(plant.id(), scope.now().minus(Duration.ofDays(YEAR)));
    ofEntries(entries, numbers);
    ofMoisture(entries, numbers, choices);
    return new Circumstances(numbers, choices, cases.causesNear(plant.place().id(), plant.id()));
  }

  private void ofPlant(PlantView plant, Map<String, Double> numbers, Map<String, String> choices) {
    LocalDate today = scope.today();
    if (plant.place().temperature() != null) {
      numbers.put("temperature", plant.place().temperature());
    }
    if (plant.place().humidity() != null) {
      numbers.put("humidity", plant.place().humidity());
    }
    choices.put("place-kind", plant.place().kind().id());
    choices.put("outer-pot", plant.outerPot() ? "yes" : "no");
    choices.put("holes", plant.potHoles() ? "yes" : "no");
    choices.put("stage", plant.stage().id());
    if (plant.waterUsed() != null) {
      choices.put("water-used", plant.waterUsed().name().toLowerCase(Locale.ROOT));
    }
    if (plant.mediumSince() != null) {
      numbers.put("medium-age", ChronoUnit.DAYS.between(plant.mediumSince(), today) / 30.44);
      numbers.put("days-since-repot", days(plant.mediumSince(), today));
    }
    if (plant.medium() != null) {
      numbers.put("medium-life", (double) plant.medium().lifeMonths());
    }
    if (plant.arrivedOn() != null) {
      numbers.put("days-since-arrival", days(plant.arrivedOn(), today));
    }
  }

  private void ofEntries(List<Entry> entries, Map<String, Double> numbers) {
    LocalDate today = scope.today();
    last(entries, EntryKind.WATER, numbers, "days-since-watering");
    last(entries, EntryKind.FEED, numbers, "days-since-feed");
    last(entries, EntryKind.MOVE, numbers, "days-since-move");
    last(entries, EntryKind.REPOT, numbers, "days-since-repot");
    if (!entries.isEmpty()) {
      numbers.put("waterings-in-14-days", count(entries, EntryKind.WATER, today.minusDays(14)));
      numbers.put("feeds-in-90-days", count(entries, EntryKind.FEED, today.minusDays(90)));
    }
  }

  private void last(
      List<Entry> entries, EntryKind kind, Map<String, Double> numbers, String field) {
    entries.stream()
        .filter(e -> e.kind() == kind)
        .findFirst()
        .ifPresent(e -> numbers.put(field, days(scope.day(e.at()), scope.today())));
  }

  private double count(List<Entry> entries, EntryKind kind, LocalDate after) {
    return entries.stream()
        .filter(e -> e.kind() == kind && scope.day(e.at()).isAfter(after))
        .count();
  }

  /**
   * Reads the last run of like readings. Dry readings reach back to the last drink. Damp and wet
   * ones reach back to the last dry reading, or to the last drink that was given to a pot not known
   * to be wet already.
   */
  private void ofMoisture(
      List<Entry> entries, Map<String, Double> numbers, Map<String, String> choices) {
    LocalDate today = scope.today();
    List<Entry> aboutWater =
        entries.stream()
            .filter(e -> e.kind() == EntryKind.WATER || e.kind() == EntryKind.MOISTURE)
            .toList();
    Moisture last = null;
    LocalDate since = null;
    for (int i = 0; i < aboutWater.size(); i++) {
      Entry entry = aboutWater.get(i);
      LocalDate day = scope.day(entry.at());
      if (entry.kind() == EntryKind.WATER) {
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
        if (last != null && (last == Moisture.DRY) != (entry.moisture() == Moisture.DRY)) {
          break;
        }
        last = last == null ? entry.moisture() : last;
        since = day;
      }
    }
    if (last != null) {
      choices.put("last-moisture", last.word());
      numbers.put(last == Moisture.DRY ? "dry-days" : "wet-days", days(since, today));
    }
  }

  private boolean wetAlready(LocalDate watered, Entry before) {
    return before != null
        && before.kind() == EntryKind.MOISTURE
        && before.moisture() != Moisture.DRY
        && days(scope.day(before.at()), watered) <= WET_BEFORE_DAYS;
  }

  private static double days(LocalDate from, LocalDate to) {
    return Math.max(0, ChronoUnit.DAYS.between(from, to));
  }
}
