package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.School;
import org.mildlantern.core.treatment.LeafWetness;
import org.mildlantern.core.treatment.NotWorking;
import org.mildlantern.core.working.Working;

/** The treatment page of a case, ready to be shown. */
record TreatmentView(
    CaseView kase,
    PlantView plant,
    OfPest ofPest,
    Infestation size,
    LeafWetness.From wets,
    Schools schools,
    Plan plan) {
  /**
   * What is treated, and how it lives here.
   *
   * @param wetness how wet leaves are and what it asks for, in words; empty for what asks for none
   */
  record OfPest(
      LifeCycle pest, String warmth, String wetness, Working generation, List<Life> lives) {}

  /** What schools would do, and those that have nothing to offer. */
  record Schools(List<Offer> offers, List<School> declined) {}

  /** The course that runs, what it leads to, and whether it works. */
  record Plan(Running running, ForecastChart chart, Counts counts) {}

  /**
   * Counts beside what was expected of them.
   *
   * @param notWorking why and what next, or null while it works
   */
  record Counts(List<CountRow> rows, NotWorking notWorking) {}

  /** One look. */
  record CountRow(LocalDate day, int counted, String expected, String band, String verdict) {}

  /** Days from egg to egg at a temperature. */
  record Life(String celsius, String days) {}

  /** What a school would do. */
  record Offer(Choice choice, Effort effort, Hope hope, List<Means> means, List<Means> leftOut) {
    /** Which school. */
    record Choice(String school, String label, String what, boolean byDefault, boolean shown) {}

    /** What it takes. */
    record Effort(int visits, String rhythm, long minutes, String cost, String harm) {}

    /**
     * How likely it clears the plant.
     *
     * @param below what it comes to when that is not enough; empty when it is
     */
    record Hope(String chance, String below) {}
  }

  /**
   * The course that was picked.
   *
   * @param limits how often its products may be used, in words
   * @param tests patch tests to begin before its visits
   */
  record Running(
      String school,
      LocalDate begunOn,
      List<VisitRow> visits,
      List<String> limits,
      List<PatchAhead> tests,
      Outlook outlook,
      Progress progress,
      CourseCalendar calendar) {
    /** How likely it clears the plant, and when that is known. */
    record Outlook(String chance, String below, LocalDate judgedOn) {}

    /** Visits made and to come. */
    record Progress(int done, int left) {}

    public String chance() {
      return outlook.chance();
    }

    /** What it comes to when it is not enough; empty when it is. */
    public String below() {
      return outlook.below();
    }

    public LocalDate judgedOn() {
      return outlook.judgedOn();
    }

    public int done() {
      return progress.done();
    }

    public int left() {
      return progress.left();
    }
  }

  /**
   * A visit of the course.
   *
   * @param without the chance if it were skipped, or null when it is not to come
   */
  record VisitRow(
      Long id, LocalDate day, String state, List<Means> means, boolean due, String without) {}
}
