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
 * that bear it are put off by one day, those that bear it longest first, and only while the next
 * day has room; treatments, tests and pots that would suffer stay. It takes time in proportion to
 * the work, apart from ordering what one full day might put off.
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

  private final LocalDate today;
  private final Map<LocalDate, List<Task<T>>> days = new HashMap<>();
  private final Map<LocalDate, List<Task<T>>> putOff = new HashMap<>();
  private final Map<LocalDate, Double> minutes = new HashMap<>();

  private Agenda(LocalDate today) {
    this.today = today;
  }

  /**
   * Lays out work.
   *
   * @param tasks in the order in which they are walked; each day keeps it
   * @param spent minutes of today that are done already
   * @param most minutes that a day should take at most, or null for any
   * @param levelled days from today on that are levelled
   */
  public static <T> Agenda<T> of(
      List<Task<T>> tasks, LocalDate today, double spent, Double most, int levelled) {
    Agenda<T> agenda = new Agenda<>(today);
    for (Task<T> task : tasks) {
      LocalDate day = task.due().isBefore(today) ? today : task.due();
      agenda.days.computeIfAbsent(day, d -> new ArrayList<>()).add(task);
      agenda.minutes.merge(day, task.minutes(), Double::sum);
    }
    for (int ahead = 0; most != null && ahead < levelled; ahead++) {
      agenda.level(today.plusDays(ahead), ahead == 0 ? spent : 0, most, tasks);
    }
    return agenda;
  }

  private void level(LocalDate day, double spent, double most, List<Task<T>> order) {
    double over = spent + minutes(day) - most;
    if (over <= 0) {
      return;
    }
    LocalDate next = day.plusDays(1);
    double room = most - minutes(next);
    List<Task<T>> able =
        on(day).stream()
            .filter(task -> !task.due().isBefore(day) && task.bears(next))
            .sorted(Comparator.comparing((Task<T> task) -> task.bears()).reversed())
            .toList();
    Set<Task<T>> moved = Collections.newSetFromMap(new IdentityHashMap<>());
    for (Task<T> task : able) {
      if (over <= 0 || task.minutes() > room) {
        break;
      }
      moved.add(task);
      over -= task.minutes();
      room -= task.minutes();
      minutes.merge(day, -task.minutes(), Double::sum);
      minutes.merge(next, task.minutes(), Double::sum);
    }
    if (moved.isEmpty()) {
      return;
    }
    days.get(day).removeAll(moved);
    putOff.put(day, order.stream().filter(moved::contains).toList());
    Set<Task<T>> there = Collections.newSetFromMap(new IdentityHashMap<>());
    there.addAll(on(next));
    there.addAll(moved);
    days.put(next, new ArrayList<>(order.stream().filter(there::contains).toList()));
  }

  /** The work of a day in walking order. */
  public List<Task<T>> on(LocalDate day) {
    return days.getOrDefault(day, List.of());
  }

  /** What was put off from a day to the next. */
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
