package org.mildlantern.app.records;

import java.time.LocalDate;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.NoteKind;
import org.springframework.stereotype.Component;

/** What the day book says of drinks, mists, feeds and moves. */
@Component
class OfDayBook implements RecordSource {
  private static final Set<NoteKind> DRINKS = Set.of(NoteKind.WATERED, NoteKind.FILLED);
  private static final Set<NoteKind> FEEDS = Set.of(NoteKind.FED);
  private static final Set<NoteKind> MISTINGS = Set.of(NoteKind.MISTED);
  private static final int FORTNIGHT = 14;
  private static final int SEASON = 90;
  private static final String COUNTED = "counted in its day book";

  @Override
  public Set<String> fields() {
    return Set.of(
        "days-since-watering",
        "days-since-feed",
        "days-since-move",
        "days-since-stood",
        "last-feed-ppm",
        "waterings-in-14-days",
        "mistings-in-14-days",
        "feeds-in-90-days");
  }

  @Override
  public void read(Asked asked, Records records) {
    last(asked, DRINKS, records, "days-since-watering");
    last(asked, FEEDS, records, "days-since-feed");
    last(asked, Set.of(NoteKind.MOVED), records, "days-since-move");
    last(asked, Set.of(NoteKind.STOOD), records, "days-since-stood");
    asked
        .latest(NoteKind.FED)
        .ifPresent(
            feed ->
                records.number(
                    "last-feed-ppm",
                    feed.as(Fed.class).map(Fed::ppm).orElse(null),
                    asked.source(feed)));
    if (!asked.entries().isEmpty()) {
      records
          .number("waterings-in-14-days", count(asked, DRINKS, FORTNIGHT), COUNTED)
          .number("mistings-in-14-days", count(asked, MISTINGS, FORTNIGHT), COUNTED)
          .number("feeds-in-90-days", count(asked, FEEDS, SEASON), COUNTED);
    }
  }

  private static void last(Asked asked, Set<NoteKind> kinds, Records records, String field) {
    asked.entries().stream()
        .filter(entry -> kinds.contains(entry.kind()))
        .findFirst()
        .ifPresent(entry -> records.number(field, asked.daysSince(entry), asked.source(entry)));
  }

  private static double count(Asked asked, Set<NoteKind> kinds, int days) {
    LocalDate after = asked.today().minusDays(days);
    return asked.entries().stream()
        .filter(entry -> kinds.contains(entry.kind()))
        .map((Entry entry) -> asked.day(entry))
        .filter(day -> day.isAfter(after))
        .count();
  }
}
