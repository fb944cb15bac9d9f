package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.light.BurnDay;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.light.SunYear;
import org.springframework.stereotype.Component;

/** The sun that plants had of late, through moves and what changed of itself. */
@Component
class SunHistory {
  /** A burn shows for so long that it is still asked about. */
  private static final int DAYS = 60;

  private static final int PACE_DAYS = 21;

  private final LightBook book;
  private final JournalService journal;
  private final Knowledge knowledge;
  private final Scope scope;

  SunHistory(LightBook book, JournalService journal, Knowledge knowledge, Scope scope) {
    this.book = book;
    this.journal = journal;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /**
   * Where a plant went.
   *
   * @param from null where that is not known
   */
  private record Went(LocalDate day, Long from) {}

  /** A burn, and whether the plant was moved on its day. */
  record Burn(BurnDay day, boolean moved) {}

  /** The light of today beside that of three weeks ago; empty where that was not drawn. */
  Optional<LightRise> rise(PlantView plant, List<Entry> entries) {
    LightYears years = book.years();
    LocalDate today = scope.today();
    LocalDate then = today.minusDays(PACE_DAYS);
    List<Went> went = went(entries, then);
    Optional<OfStand> now = years.drawn(plant);
    Optional<OfStand> first =
        went.isEmpty()
            ? now
            : Optional.ofNullable(went.get(0).from())
                .flatMap(years::usual)
                .filter(stand -> !stand.byWord());
    if (now.isEmpty() || first.isEmpty()) {
      return Optional.empty();
    }
    SunYear.Clear after = now.get().sun().at(today);
    return sun(plant, years, went, then)
        .map(
            before ->
                new LightRise(
                    SunYear.steps(before, after),
                    went.isEmpty()
                        ? LightRise.SAME_STAND
                        : SunYear.spread(first.get().trust(), now.get().trust()),
                    before,
                    after));
  }

  /** The last day on which a plant had more sun than it was used to, if it was burnt. */
  Optional<Burn> burn(PlantView plant) {
    LightYears years = book.years();
    Optional<LightWish> wish = knowledge.lightWish(plant.kind());
    if (wish.isEmpty() || years.drawn(plant).isEmpty()) {
      return Optional.empty();
    }
    LocalDate today = scope.today();
    LocalDate from = today.minusDays(DAYS);
    LocalDate since = from.minusDays(PACE_DAYS);
    List<Went> went =
        went(journal.since(plant.id(), since.atStartOfDay(scope.zone()).toInstant()), since);
    return BurnDay.last(wish.get(), from, today, day -> sun(plant, years, went, day))
        .map(day -> new Burn(day, went.stream().anyMatch(w -> w.day().equals(day.day()))));
  }

  /** Where it went after a day. */
  private List<Went> went(List<Entry> entries, LocalDate after) {
    return entries.stream()
        .sorted(Comparator.comparing(Entry::at))
        .flatMap(
            entry ->
                entry
                    .as(Moved.class)
                    .map(move -> new Went(scope.day(entry.at()), move.from()))
                    .stream())
        .filter(w -> w.day().isAfter(after))
        .toList();
  }

  private static Optional<SunYear.Clear> sun(
      PlantView plant, LightYears years, List<Went> went, LocalDate day) {
    Optional<Went> next = went.stream().filter(w -> w.day().isAfter(day)).findFirst();
    if (next.isPresent()) {
      return Optional.ofNullable(next.get().from())
          .flatMap(years::usual)
          .map(stand -> stand.sun().at(day));
    }
    return years
        .changed(plant)
        .filter(changed -> changed.day().isAfter(day))
        .map(Changed::before)
        .or(() -> years.at(plant).map(stand -> stand.sun().at(day)));
  }
}
