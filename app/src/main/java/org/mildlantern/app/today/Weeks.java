package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundChoices;
import org.mildlantern.app.round.RoundSource.Due;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.Agenda;
import org.mildlantern.core.round.DayTimes;
import org.mildlantern.core.round.Minutes;
import org.springframework.stereotype.Component;

/** Lays out the days ahead under the time that they have. */
@Component
class Weeks {
  private static final int AHEAD = 14;

  private final RoundChoices choices;
  private final Pace pace;

  Weeks(RoundChoices choices, Pace pace) {
    this.choices = choices;
    this.pace = pace;
  }

  Week of(Board board) {
    DayTimes times = choices.times();
    Minutes minutes = pace.minutes();
    List<Week.Day> days = new ArrayList<>();
    List<Week.Stuck> stuck = new ArrayList<>();
    Set<Long> named = new HashSet<>();
    for (int ahead = 0; ahead < AHEAD; ahead++) {
      LocalDate day = board.today().plusDays(ahead);
      Agenda<Due> agenda = board.agenda();
      Map<Work, Integer> counts = new TreeMap<>();
      WorkCounts.stops(agenda.on(day)).forEach(due -> counts.merge(due.work(), 1, Integer::sum));
      Double most = times.on(day);
      boolean full = agenda.tooFull(day);
      days.add(
          new Week.Day(
              day,
              Math.round(takes(agenda.on(day), minutes)),
              most == null ? null : (Long) Math.round(most),
              full,
              counts.isEmpty() ? "" : Month.words(counts),
              agenda.putOff(day).size()));
      if (full && most == 0) {
        List<PlantView> now =
            agenda.on(day).stream()
                .map(Agenda.Task::work)
                .filter(due -> due.work() != Work.LOOK)
                .map(Due::plant)
                .filter(plant -> named.add(plant.id()))
                .toList();
        if (!now.isEmpty()) {
          stuck.add(new Week.Stuck(day, now));
        }
      }
    }
    return new Week(!times.endless(), days, stuck);
  }

  private static double takes(List<Agenda.Task<Due>> tasks, Minutes minutes) {
    return tasks.stream()
        .mapToDouble(task -> Pace.of(minutes, task.work().work()) * task.work().share())
        .sum();
  }
}
