package org.mildlantern.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
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
            null,
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
            15.0,
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
            10.0,
            10);
    assertThat(names(agenda.on(TODAY))).containsExactly("a", "b");
    Agenda<String> late = Agenda.of(List.of(pot("late", -1, 9), pot("b", 0, 0)), TODAY, 0, 5.0, 10);
    assertThat(names(late.on(TODAY))).containsExactly("late", "b");
  }

  @Test
  void aFullNextDayTakesNothingAndWhatIsDoneCounts() {
    List<Agenda.Task<String>> tasks = List.of(pot("a", 0, 9), fixed("b", 1));
    assertThat(names(Agenda.of(tasks, TODAY, 0, 5.0, 10).on(TODAY))).containsExactly("a");
    assertThat(names(Agenda.of(tasks, TODAY, 6, 5.0, 10).on(TODAY))).containsExactly("a");
    assertThat(names(Agenda.of(tasks, TODAY, 6, 10.0, 10).on(TODAY))).isEmpty();
  }

  @Test
  void noWorkIsLostAndNoneIsMovedByMoreThanADayHoweverFullTheDays() {
    Random random = new Random(7);
    for (int round = 0; round < 200; round++) {
      List<Agenda.Task<Integer>> tasks = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        LocalDate due = TODAY.plusDays(random.nextInt(8) - 2);
        LocalDate bears = random.nextBoolean() ? due.plusDays(random.nextInt(4)) : null;
        tasks.add(new Agenda.Task<>(i, due, bears, 1 + random.nextInt(5)));
      }
      Agenda<Integer> agenda = Agenda.of(tasks, TODAY, random.nextInt(20), 20.0, 10);
      List<Integer> seen = new ArrayList<>();
      for (LocalDate day : IntStream.range(0, 20).mapToObj(TODAY::plusDays).toList()) {
        List<Agenda.Task<Integer>> on = agenda.on(day);
        assertThat(on).extracting(Agenda.Task::work).isSorted();
        assertThat(on.stream().mapToDouble(Agenda.Task::minutes).sum())
            .isEqualTo(agenda.minutes(day));
        for (Agenda.Task<Integer> task : on) {
          seen.add(task.work());
          LocalDate due = task.due().isBefore(TODAY) ? TODAY : task.due();
          assertThat(day).isBetween(due, due.plusDays(1));
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
