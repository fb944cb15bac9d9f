package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.mildlantern.app.quarantine.QuarantineView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.words.Words;

/**
 * A course on its days, ready to be drawn on a canvas of {@value #WIDTH} by {@value #HEIGHT}:
 * visits, looks, and the quarantine with each find that started it again.
 *
 * @param todayX where today lies
 * @param bar the quarantine, or null
 */
record CourseCalendar(
    List<Mark> visits, List<Mark> looks, Bar bar, List<Mark> weeks, double todayX, String told) {
  private static final Words WORDS = Words.of(CourseCalendar.class);

  static final int WIDTH = 640;
  static final int HEIGHT = 148;
  private static final int LEFT = 118;
  private static final int RIGHT = 628;

  /** Something on a day; state is done, planned, skipped, hit or nothing. */
  record Mark(double x, String state, String label) {}

  /** The quarantine with the day from which it counts now. */
  record Bar(double from, double since, double to, boolean reset, String since2, String label) {}

  static CourseCalendar of(
      List<TreatmentVisit> visits,
      List<QuarantineView.Look> looks,
      QuarantineView quarantine,
      LocalDate begun,
      LocalDate today) {
    LocalDate first =
        Stream.of(begun, quarantine == null ? begun : quarantine.apart().began())
            .min(Comparator.naturalOrder())
            .orElseThrow()
            .minusDays(2);
    LocalDate last =
        Stream.concat(
                visits.stream().map(TreatmentVisit::day),
                Stream.of(today, quarantine == null ? today : quarantine.clock().clearOn()))
            .max(Comparator.naturalOrder())
            .orElseThrow()
            .plusDays(4);
    Scale scale = new Scale(first, ChronoUnit.DAYS.between(first, last));
    List<Mark> weeks = new ArrayList<>();
    long step = scale.days() > 80 ? 14 : 7;
    for (LocalDate day = first; day.isBefore(last.minusDays(2)); day = day.plusDays(step)) {
      weeks.add(new Mark(scale.x(day), "week", Days.brief(day)));
    }
    return new CourseCalendar(
        visits.stream()
            .map(
                v ->
                    new Mark(
                        scale.x(v.day()),
                        v.state().name().toLowerCase(Locale.ROOT),
                        Days.brief(v.day())))
            .toList(),
        looks.stream()
            .filter(l -> !l.day().isBefore(first))
            .map(
                l -> new Mark(scale.x(l.day()), l.found() ? "hit" : "nothing", Days.brief(l.day())))
            .toList(),
        quarantine == null ? null : bar(quarantine, scale),
        weeks,
        scale.x(today),
        told(visits, looks, quarantine));
  }

  private static Bar bar(QuarantineView quarantine, Scale scale) {
    LocalDate since = quarantine.clock().since();
    LocalDate clear = quarantine.clock().clearOn();
    return new Bar(
        scale.x(quarantine.apart().began()),
        scale.x(since),
        scale.x(clear),
        quarantine.clock().reset(),
        Days.brief(since),
        Days.brief(clear));
  }

  private static String told(
      List<TreatmentVisit> visits, List<QuarantineView.Look> looks, QuarantineView quarantine) {
    long done = visits.stream().filter(v -> v.state() == TreatmentVisit.State.DONE).count();
    return WORDS.say(
        "calendar",
        done,
        visits.size(),
        looks.size(),
        Words.yes(quarantine != null),
        quarantine == null ? "" : Days.brief(quarantine.clock().clearOn()));
  }

  private record Scale(LocalDate first, long days) {
    double x(LocalDate day) {
      return LEFT + (RIGHT - LEFT) * (double) ChronoUnit.DAYS.between(first, day) / days;
    }
  }
}
