package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.RecordSource;
import org.mildlantern.app.records.Records;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.water.Wetness;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** How the pot stands and has stood, as evidence. */
@Component
class WaterRecords implements RecordSource {
  private static final Words WORDS = Words.of(WaterRecords.class);

  private static final Set<NoteKind> DRINKS = Set.of(NoteKind.WATERED, NoteKind.FILLED);

  /** A reading of the medium says nothing about today after a week. Rule of thumb. */
  private static final int FRESH_DAYS = 7;

  /** A pot felt damp or wet this many days before a drink was not dry at it. Rule of thumb. */
  private static final int WET_BEFORE_DAYS = 2;

  /** Water that ran past says something of the pot for this long. Rule of thumb. */
  private static final int RAN_PAST_DAYS = 30;

  private final WateringService watering;

  WaterRecords(WateringService watering) {
    this.watering = watering;
  }

  @Override
  public Set<String> fields() {
    return Set.of("last-moisture", "dry-days", "wet-days", "pace", "ran-past");
  }

  /**
   * How the pot stands and has stood, and whether its pace changed, worked out from all that was
   * noted of it; where too little was, the last run of like readings speaks.
   */
  @Override
  public void read(Asked asked, Records records) {
    PlantView plant = asked.plant();
    List<Entry> entries = asked.entries();
    Optional<PotSigns> signs = watering.signs(plant, entries);
    signs
        .flatMap(PotSigns::wetness)
        .ifPresentOrElse(
            wetness -> ofWetness(wetness, signs.orElseThrow().told(), records),
            () -> ofMoisture(asked, records));
    signs
        .map(PotSigns::change)
        .ifPresent(
            change ->
                records.choice(
                    "pace",
                    change.surelyFaster() ? "faster" : change.surelySlower() ? "slower" : "same",
                    WORDS.say("records.pace", change.ratio(), signs.orElseThrow().told())));
    entries.stream()
        .filter(e -> e.note() instanceof Watered drink && drink.runOff() == Watered.RunOff.PAST)
        .filter(e -> asked.daysSince(e) <= RAN_PAST_DAYS)
        .findFirst()
        .ifPresent(e -> records.choice("ran-past", "yes", asked.source(e)));
  }

  private static void ofWetness(Wetness wetness, int told, Records records) {
    double left = 100 * wetness.left();
    records.choice("last-moisture", wetness.now().word(), WORDS.say("records.left", told, left));
    if (wetness.now() == Moisture.DRY) {
      int days = wetness.dryDays();
      records.number("dry-days", (double) days, WORDS.say("records.dry", told, left, days));
    } else {
      int days = wetness.wetDays();
      records.number("wet-days", (double) days, WORDS.say("records.wet", told, left, days));
    }
  }

  /**
   * Reads the last run of like readings. Dry readings reach back to the last drink. Damp and wet
   * ones reach back to the last dry reading, or to the last drink that was given to a pot not known
   * to be wet already.
   */
  private static void ofMoisture(Asked asked, Records records) {
    List<Entry> entries = asked.entries();
    LocalDate today = asked.today();
    List<Entry> aboutWater =
        entries.stream()
            .filter(e -> DRINKS.contains(e.kind()) || e.kind() == NoteKind.FELT)
            .toList();
    Moisture last = null;
    LocalDate since = null;
    for (int i = 0; i < aboutWater.size(); i++) {
      Entry entry = aboutWater.get(i);
      LocalDate day = asked.day(entry);
      if (DRINKS.contains(entry.kind())) {
        if (last == null || last == Moisture.DRY) {
          break;
        }
        since = day;
        if (!wetAlready(asked, day, i + 1 < aboutWater.size() ? aboutWater.get(i + 1) : null)) {
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
      String source = asked.source(aboutWater.get(0));
      records
          .choice("last-moisture", last.word(), source)
          .number(
              last == Moisture.DRY ? "dry-days" : "wet-days",
              days(since, today),
              WORDS.say("records.since", source, Days.full(since)));
    }
  }

  private static boolean wetAlready(Asked asked, LocalDate watered, Entry before) {
    return before != null
        && before.kind() == NoteKind.FELT
        && felt(before) != Moisture.DRY
        && days(asked.day(before), watered) <= WET_BEFORE_DAYS;
  }

  private static double days(LocalDate from, LocalDate to) {
    return Math.max(0, ChronoUnit.DAYS.between(from, to));
  }

  private static Moisture felt(Entry entry) {
    return entry.as(Felt.class).orElseThrow().deepest();
  }
}
