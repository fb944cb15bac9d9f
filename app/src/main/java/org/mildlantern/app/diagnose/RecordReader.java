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
   * Reads the last run of like readings. Damp and wet readings reach back to the last dry one; dry
   * readings reach back to the last drink.
   */
  private void ofMoisture(
      List<Entry> entries, Map<String, Double> numbers, Map<String, String> choices) {
    LocalDate today = scope.today();
    Moisture last = null;
    LocalDate since = null;
    for (Entry entry : entries) {
      boolean watered = entry.kind() == EntryKind.WATER;
      if (watered && (last == null || last == Moisture.DRY)) {
        break;
      }
      if (entry.kind() != EntryKind.MOISTURE) {
        continue;
      }
      LocalDate day = scope.day(entry.at());
      if (last == null) {
        if (days(day, today) > FRESH_DAYS) {
          break;
        }
        last = entry.moisture();
      } else if ((last == Moisture.DRY) != (entry.moisture() == Moisture.DRY)) {
        break;
      }
      since = day;
    }
    if (last != null) {
      choices.put("last-moisture", last.word());
      numbers.put(last == Moisture.DRY ? "dry-days" : "wet-days", days(since, today));
    }
  }

  private static double days(LocalDate from, LocalDate to) {
    return Math.max(0, ChronoUnit.DAYS.between(from, to));
  }
}
