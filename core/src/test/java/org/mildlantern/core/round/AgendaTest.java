package org.mildlantern.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class AgendaTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
  private static final LocalDate TOMORROW = TODAY.plusDays(1);

  private static Agenda.Task<String> fixed(String name, int inDays) {
    return new Agenda.Task<>(name, TODAY.plusDays(inDays), null, 5);
  }

  private static Agenda.Task<String> pot(String name, int inDays, int bears) {
    return new Agenda.Task<>(name, TODAY.plusDays(inDays), TODAY.plusDays(bears), 5);
  }

  private static DayTimes upTo(double minutes) {
    return new DayTimes(minutes, Map.of());
  }

  private static List<String> names(List<Agenda.Task<String>> tasks) {
    return tasks.stream().map(Agenda.Task::work).toList();
  }

  @Test
  void overdueWorkFallsOnTodayAndEachDayKeepsTheWalk() {
    Agenda<String> agenda =
        Agenda.of(
            List.of(fixed("a", 1), fixed("b", -3), fixed("c", 0), fixed("d", 1)),
            TODAY,
            0,
            DayTimes.ENDLESS,
            10);
    assertThat(names(agenda.on(TODAY))).containsExactly("b", "c");
    assertThat(names(agenda.on(TOMORROW))).containsExactly("a", "d");
    assertThat(agenda.minutes(TODAY)).isEqualTo(10);
    assertThat(agenda.on(TODAY.plusDays(9))).isEmpty();
  }

  @Test
  void aFullDayPutsOffWhatBearsItLongestAndNothingElse() {
    Agenda<String> agenda =
        Agenda.of(
            List.of(
                fixed("treat", 0), pot("suffers", 0, 0), pot("bears", 0, 1), pot("cactus", 0, 9)),
            TODAY,
            0,
            upTo(15.0),
            10);
    assertThat(names(agenda.on(TODAY))).containsExactly("treat", "suffers", "bears");
    assertThat(names(agenda.putOff(TODAY))).containsExactly("cactus");
    assertThat(names(agenda.on(TOMORROW))).containsExactly("cactus");
  }

  @Test
  void whatWasPutOffOnceIsNotPutOffAgain() {
    Agenda<String> agenda =
        Agenda.of(
            List.of(pot("a", 0, 9), pot("b", 0, 9), pot("c", 1, 9), pot("d", 1, 1)),
            TODAY,
            0,
            upTo(10.0),
            10);
    assertThat(names(agenda.on(TODAY))).containsExactly("a", "b");
    Agenda<String> late =
        Agenda.of(List.of(pot("late", -1, 9), pot("b", 0, 0)), TODAY, 0, upTo(5.0), 10);
    assertThat(names(late.on(TODAY))).containsExactly("late", "b");
  }

  @Test
  void whereOneDayOfTheWeekHasTimeWhatBearsItWaitsForIt() {
    DayTimes wednesdays = new DayTimes(0.0, Map.of(DayOfWeek.WEDNESDAY, 20.0));
    LocalDate wednesday = TODAY.plusDays(2);
    Agenda<String> agenda =
        Agenda.of(
            List.of(
                pot("fern", 0, 1),
                pot("fig", 0, 4),
                pot("hoya", 1, 9),
                pot("cactus", 3, 20),
                pot("aloe", 0, 5),
                pot("jade", 1, 5),
                pot("yucca", 1, 12)),
            TODAY,
            0,
            wednesdays,
            14);
    assertThat(names(agenda.on(TODAY))).containsExactly("fern");
    assertThat(agenda.tooFull(TODAY)).isTrue();
    assertThat(names(agenda.on(wednesday))).containsExactly("fig", "hoya", "aloe", "yucca");
    assertThat(agenda.tooFull(wednesday)).isFalse();
    assertThat(names(agenda.on(TODAY.plusDays(1)))).containsExactly("jade");
    assertThat(names(agenda.on(TODAY.plusDays(9)))).containsExactly("cactus");
  }

  @Test
  void timesOfDaysAreKeptAsText() {
    DayTimes times = new DayTimes(30.0, Map.of(DayOfWeek.WEDNESDAY, 20.0, DayOfWeek.SUNDAY, 0.0));
    assertThat(DayTimes.named(times.text())).isEqualTo(times.named());
    assertThat(DayTimes.named("")).isEmpty();
    assertThat(times.on(TODAY)).isEqualTo(30);
    assertThat(times.on(TODAY.plusDays(2))).isEqualTo(20);
    assertThat(DayTimes.ENDLESS.endless()).isTrue();
    assertThatThrownBy(() -> new DayTimes(-1.0, Map.of())).hasMessageContaining("minutes");
  }

  @Test
  void aFullNextDayTakesNothingAndWhatIsDoneCounts() {
    List<Agenda.Task<String>> tasks = List.of(pot("a", 0, 1), fixed("b", 1));
    assertThat(names(Agenda.of(tasks, TODAY, 0, upTo(5.0), 10).on(TODAY))).containsExactly("a");
    assertThat(names(Agenda.of(tasks, TODAY, 6, upTo(5.0), 10).on(TODAY))).containsExactly("a");
    assertThat(names(Agenda.of(tasks, TODAY, 6, upTo(10.0), 10).on(TODAY))).isEmpty();
  }

  @Test
  void noWorkIsLostNoneIsDoneEarlyAndNoneWaitsLongerThanItBears() {
    Random random = new Random(7);
    for (int round = 0; round < 200; round++) {
      List<Agenda.Task<Integer>> tasks = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        LocalDate due = TODAY.plusDays(random.nextInt(8) - 2);
        LocalDate bears = random.nextBoolean() ? due.plusDays(random.nextInt(4)) : null;
        tasks.add(new Agenda.Task<>(i, due, bears, 1 + random.nextInt(5)));
      }
      Agenda<Integer> agenda = Agenda.of(tasks, TODAY, random.nextInt(20), upTo(20.0), 10);
      List<Integer> seen = new ArrayList<>();
      for (LocalDate day : IntStream.range(0, 20).mapToObj(TODAY::plusDays).toList()) {
        List<Agenda.Task<Integer>> on = agenda.on(day);
        assertThat(on).extracting(Agenda.Task::work).isSorted();
        assertThat(on.stream().mapToDouble(Agenda.Task::minutes).sum())
            .isEqualTo(agenda.minutes(day));
        for (Agenda.Task<Integer> task : on) {
          seen.add(task.work());
          LocalDate due = task.due().isBefore(TODAY) ? TODAY : task.due();
          assertThat(day).isAfterOrEqualTo(due);
          assertThat(day.equals(due) || !task.bears().isBefore(day)).isTrue();
        }
      }
      assertThat(seen).doesNotHaveDuplicates().hasSize(tasks.size());
    }
  }

  @Test
  void refusesTimeThatRunsBackwards() {
    assertThatThrownBy(() -> new Agenda.Task<>("x", TODAY, null, -1))
        .hasMessageContaining("minutes");
  }
}
