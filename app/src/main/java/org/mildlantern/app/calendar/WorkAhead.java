package org.mildlantern.app.calendar;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource.Due;
import org.mildlantern.app.today.Board;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.Agenda;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/**
 * Puts the round of the days ahead into events: looks, pots and feeds of a day are one each, with
 * the plants in its words; treatments, moves and other work of which the day matters, the turns of
 * rests and the ends of quarantines stand alone.
 */
@Component
class WorkAhead {
  private static final Words WORDS = Words.of(WorkAhead.class);

  static final int DAYS = 60;
  private static final int NAMED = 60;
  private static final Set<Work> DAILY = EnumSet.of(Work.POT, Work.LOOK, Work.FEED);

  private final RoundService rounds;

  WorkAhead(RoundService rounds) {
    this.rounds = rounds;
  }

  List<Planned> events(Instant now) {
    Board board = rounds.board();
    List<Planned> events = new ArrayList<>();
    Set<String> known = new HashSet<>();
    Set<String> told = new HashSet<>();
    for (Due due : rounds.ahead()) {
      if (due.on().isBefore(board.today().plusDays(DAYS))) {
        events.add(single(due, due.on(), known, now));
        told.add(due.item().apply(false).id());
      }
    }
    for (int ahead = 0; ahead < DAYS; ahead++) {
      LocalDate day = board.today().plusDays(ahead);
      Map<Work, List<Due>> daily = new TreeMap<>();
      for (Agenda.Task<Due> task : board.agenda().on(day)) {
        Due due = task.work();
        if (told.contains(due.item().apply(false).id())) {
          continue;
        }
        if (DAILY.contains(due.work())) {
          daily.computeIfAbsent(due.work(), work -> new ArrayList<>()).add(due);
        } else {
          events.add(single(due, day, known, now));
        }
      }
      daily.forEach((work, all) -> events.add(together(work, all, day, now)));
    }
    return events;
  }

  private static Planned single(Due due, LocalDate day, Set<String> known, Instant now) {
    RoundItem item = due.item().apply(false);
    String uid = known.add(item.id()) ? item.id() : item.id() + "-" + day;
    known.add(uid);
    PlantView plant = due.plant();
    String words =
        item.reason().isEmpty() ? where(plant) : WORDS.say("single", where(plant), item.reason());
    return new Planned(
        uid,
        day,
        WORDS.say("summary", plant.name(), item.task()),
        until(words, due, day),
        "/today?day=" + day,
        0,
        now,
        false);
  }

  private static Planned together(Work work, List<Due> all, LocalDate day, Instant now) {
    StringBuilder words = new StringBuilder();
    all.stream()
        .limit(NAMED)
        .forEach(
            due ->
                words
                    .append(
                        until(WORDS.say("line", due.plant().name(), where(due.plant())), due, day))
                    .append('\n'));
    if (all.size() > NAMED) {
      words.append(WORDS.say("more", all.size() - NAMED));
    }
    return new Planned(
        day + "-" + work.id(),
        day,
        WORDS.say("daily", work.name(), all.size()),
        words.toString().strip(),
        "/today?day=" + day,
        0,
        now,
        false);
  }

  private static String where(PlantView plant) {
    return WORDS.say("where", plant.code(), plant.place().name());
  }

  /** With the last day to which it may wait, where it may. */
  private static String until(String words, Due due, LocalDate day) {
    return due.bears() == null || !due.bears().isAfter(day)
        ? words
        : WORDS.say("until", words, Days.near(due.bears()));
  }
}
