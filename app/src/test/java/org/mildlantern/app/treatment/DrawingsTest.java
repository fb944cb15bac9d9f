package org.mildlantern.app.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.quarantine.QuarantineView;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.treatment.Quarantine;

class DrawingsTest {
  private static final LocalDate BEGUN = LocalDate.of(2026, 11, 1);

  private static TreatmentVisit visit(int day) {
    return new TreatmentVisit(1L, BEGUN.plusDays(day), List.of("soap"));
  }

  private static QuarantineView quarantine(LocalDate lastFind) {
    Quarantine clock = Quarantine.of(BEGUN, lastFind, null, 20);
    return new QuarantineView(
        1L,
        new QuarantineView.Apart(BEGUN, "Mites", null),
        clock,
        new QuarantineView.Remaining(clock.daysLeft(BEGUN), 0),
        false,
        List.of());
  }

  @Test
  void theCalendarKeepsOrderAndStaysInsideItsCanvas() {
    TreatmentVisit done = visit(0);
    done.answer(TreatmentVisit.State.DONE, BEGUN, 1L, "");
    CourseCalendar calendar =
        CourseCalendar.of(
            List.of(done, visit(6), visit(12)),
            List.of(
                new QuarantineView.Look(BEGUN.plusDays(5), 0, true),
                new QuarantineView.Look(BEGUN.plusDays(3), 4, true)),
            quarantine(BEGUN.plusDays(3)),
            BEGUN,
            BEGUN.plusDays(5));
    assertThat(calendar.visits())
        .extracting(CourseCalendar.Mark::state)
        .containsExactly("done", "planned", "planned");
    assertThat(calendar.looks())
        .extracting(CourseCalendar.Mark::state)
        .containsExactly("nothing", "hit");
    assertThat(calendar.visits().get(0).x()).isLessThan(calendar.todayX());
    assertThat(calendar.visits().get(1).x()).isGreaterThan(calendar.todayX());
    assertThat(calendar.bar().reset()).isTrue();
    assertThat(calendar.bar().since()).isGreaterThan(calendar.bar().from());
    assertThat(calendar.bar().to()).isLessThanOrEqualTo(CourseCalendar.WIDTH);
    assertThat(calendar.told()).isEqualTo("1 of 3 visits done, 2 looks, quarantine until 2 Dec");
  }

  @Test
  void withoutQuarantineThereIsNoBar() {
    CourseCalendar calendar = CourseCalendar.of(List.of(visit(0)), List.of(), null, BEGUN, BEGUN);
    assertThat(calendar.bar()).isNull();
    assertThat(calendar.told()).endsWith("no quarantine");
  }

  @Test
  void oneKindOfNumberForPestsAndAnotherForDiseases() {
    var remedies = Library.shipped().remedies();
    var mites = remedies.pests().find("spider-mites").orElseThrow();
    var spots = remedies.pests().find("fungal-leaf-spot").orElseThrow();
    for (Infestation size : Infestation.values()) {
      assertThat(size.number(spots)).isLessThan(size.number(mites));
    }
  }
}
