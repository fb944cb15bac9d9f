package org.mildlantern.app.today;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.round.RoundSource.Due;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.Agenda;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Counts the work of days, done and to come. */
@Component
@Transactional(readOnly = true)
public class WorkCounts {
  private final JournalService journal;
  private final Scope scope;

  WorkCounts(JournalService journal, Scope scope) {
    this.journal = journal;
    this.scope = scope;
  }

  /** Work that is done in one go in a place is one stop. */
  static Stream<Due> stops(List<Agenda.Task<Due>> tasks) {
    record Once(String party, Long place) {}
    Set<Once> met = new HashSet<>();
    return tasks.stream()
        .map(Agenda.Task::work)
        .filter(
            due ->
                due.party() == null
                    || met.add(new Once(due.party().id(), due.plant().place().id())));
  }

  /** A month of the collection's work. */
  Month month(Board board, YearMonth month) {
    LocalDate first = month.atDay(1);
    LocalDate last = month.atEndOfMonth();
    Map<Long, Map<LocalDate, Map<Work, Integer>>> byPlace = new HashMap<>();
    for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
      LocalDate on = day;
      stops(board.agenda().on(day))
          .forEach(
              due ->
                  byPlace
                      .computeIfAbsent(due.plant().place().id(), id -> new TreeMap<>())
                      .computeIfAbsent(on, d -> new TreeMap<>())
                      .merge(due.work(), 1, Integer::sum));
    }
    List<Month.OfPlace> places =
        board.walk().stream()
            .filter(place -> byPlace.containsKey(place.id()))
            .map(
                place ->
                    new Month.OfPlace(
                        place,
                        byPlace.get(place.id()).entrySet().stream()
                            .map(
                                day -> new Month.Planned(day.getKey(), Month.words(day.getValue())))
                            .toList()))
            .toList();
    return Month.of(month, board.today(), of(board, first, last), places);
  }

  /** Counts by kind of work for each day of the ribbon; pots first on days to come. */
  public Map<LocalDate, Map<Work, Integer>> of(Board board, LocalDate first, LocalDate last) {
    Map<LocalDate, Map<Work, Integer>> counts = new TreeMap<>();
    LocalDate today = board.today();
    for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
      Map<Work, Integer> of = new LinkedHashMap<>();
      counts.put(day, of);
      stops(board.agenda().on(day))
          .map(Due::work)
          .sorted(Comparator.comparing(work -> work != Work.POT))
          .forEach(work -> of.merge(work, 1, Integer::sum));
    }
    if (first.isBefore(today)) {
      LocalDate yesterday = today.minusDays(1);
      for (JournalService.Time time :
          journal.times(first, last.isBefore(yesterday) ? last : yesterday)) {
        time.note()
            .work()
            .ifPresent(work -> counts.get(scope.day(time.at())).merge(work, 1, Integer::sum));
      }
    }
    return counts;
  }
}
