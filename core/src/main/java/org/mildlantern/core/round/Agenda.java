package org.mildlantern.core.round;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The work of the days to come, each piece on the day on which it is to be done.
 *
 * <p>Work that is overdue falls on today. When a day would take longer than the keeper wants, looks
 * that bear it are put off to the first later day that has room for them, those that bear it
 * longest first; treatments, tests and pots that would suffer stay. Nothing is done before its day,
 * since a pot that is still wet is harmed by a drink.
 *
 * @param <T> what a piece of work is to the caller
 */
public final class Agenda<T> {

  /**
   * A piece of work.
   *
   * @param due the day for it
   * @param bears the last day to which it may be put off; null or the due day when it may not
   * @param minutes it takes, 0 or more
   */
  public record Task<T>(T work, LocalDate due, LocalDate bears, double minutes) {
    public Task {
      if (!(minutes >= 0)) {
        throw new IllegalArgumentException("minutes: 0 or more");
      }
    }

    private boolean bears(LocalDate day) {
      return bears != null && !bears.isBefore(day);
    }
  }

  /** No work is put off by more days than that. */
  private static final int FARTHEST = 14;

  private final LocalDate today;
  private final DayTimes times;
  private final Map<LocalDate, List<Task<T>>> days = new HashMap<>();
  private final Map<LocalDate, List<Task<T>>> putOff = new HashMap<>();
  private final Map<LocalDate, Double> minutes = new HashMap<>();

  private Agenda(LocalDate today, DayTimes times) {
    this.today = today;
    this.times = times;
  }

  /**
   * Lays out work.
   *
   * @param tasks in the order in which they are walked; each day keeps it
   * @param spent minutes of today that are done already
   * @param times minutes that days should take at most
   * @param levelled days from today on that are levelled
   */
  public static <T> Agenda<T> of(
      List<Task<T>> tasks, LocalDate today, double spent, DayTimes times, int levelled) {
    Agenda<T> agenda = new Agenda<>(today, times);
    for (Task<T> task : tasks) {
      LocalDate day = task.due().isBefore(today) ? today : task.due();
      agenda.days.computeIfAbsent(day, d -> new ArrayList<>()).add(task);
      agenda.minutes.merge(day, task.minutes(), Double::sum);
    }
    for (int ahead = 0; !times.endless() && ahead < levelled; ahead++) {
      agenda.level(today.plusDays(ahead), ahead == 0 ? spent : 0, tasks);
    }
    return agenda;
  }

  private void level(LocalDate day, double spent, List<Task<T>> order) {
    Double most = times.on(day);
    double over = most == null ? 0 : spent + minutes(day) - most;
    if (over <= 0) {
      return;
    }
    List<Task<T>> able =
        on(day).stream()
            .filter(task -> !task.due().isBefore(day) && task.bears(day.plusDays(1)))
            .sorted(Comparator.comparing((Task<T> task) -> task.bears()).reversed())
            .toList();
    Map<Task<T>, LocalDate> moved = new IdentityHashMap<>();
    for (Task<T> task : able) {
      LocalDate to = over <= 0 ? null : room(task, day);
      if (to != null) {
        moved.put(task, to);
        over -= task.minutes();
        minutes.merge(day, -task.minutes(), Double::sum);
        minutes.merge(to, task.minutes(), Double::sum);
      }
    }
    if (moved.isEmpty()) {
      return;
    }
    days.get(day).removeAll(moved.keySet());
    putOff.put(day, order.stream().filter(moved::containsKey).toList());
    for (LocalDate to : Set.copyOf(moved.values())) {
      Set<Task<T>> there = Collections.newSetFromMap(new IdentityHashMap<>());
      there.addAll(on(to));
      moved.entrySet().stream()
          .filter(one -> one.getValue().equals(to))
          .forEach(one -> there.add(one.getKey()));
      days.put(to, new ArrayList<>(order.stream().filter(there::contains).toList()));
    }
  }

  /** The first later day that a piece of work bears and that has room for it, or null. */
  private LocalDate room(Task<T> task, LocalDate day) {
    for (int ahead = 1; ahead <= FARTHEST && task.bears(day.plusDays(ahead)); ahead++) {
      LocalDate to = day.plusDays(ahead);
      Double most = times.on(to);
      if (most == null || minutes(to) + task.minutes() <= most) {
        return to;
      }
    }
    return null;
  }

  /** The work of a day in walking order. */
  public List<Task<T>> on(LocalDate day) {
    return days.getOrDefault(day, List.of());
  }

  /** Whether the work of a day takes longer than it has, after all that bears it was put off. */
  public boolean tooFull(LocalDate day) {
    Double most = times.on(day);
    return most != null && minutes(day) > most + 1e-9;
  }

  /** What was put off from a day to later ones. */
  public List<Task<T>> putOff(LocalDate day) {
    return putOff.getOrDefault(day, List.of());
  }

  /** Minutes that the work of a day takes. */
  public double minutes(LocalDate day) {
    return Math.max(0, minutes.getOrDefault(day, 0.0));
  }

  /** Days from today on that hold work, at most so many ahead. */
  public List<LocalDate> daysAhead(int most) {
    return days.keySet().stream()
        .filter(day -> ChronoUnit.DAYS.between(today, day) <= most && !on(day).isEmpty())
        .sorted()
        .toList();
  }
}
