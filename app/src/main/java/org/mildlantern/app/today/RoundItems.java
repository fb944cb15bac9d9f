package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.WaitingTestView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantView;

/** Rows of the round about cases, tests and what is done. */
final class RoundItems {
  private RoundItems() {}

  /** What was done, from its entry. */
  static RoundItem done(Entry entry, PlantView plant) {
    return new RoundItem(
        "done-" + entry.id(),
        entry.kind().shape(),
        entry.plantId(),
        plant == null ? "" : plant.name(),
        plant == null ? "" : plant.code(),
        entry.text(),
        "",
        List.of(),
        true,
        entry.id(),
        entry.caseId() == null ? null : "/cases/" + entry.caseId(),
        null);
  }

  /** The look at a case, or what is to be decided about it. */
  static RoundItem ofCase(PlantView plant, CaseView open, LocalDate today, boolean isToday) {
    CaseView.Step step = open.current();
    String action = "/today/cases/" + open.id();
    boolean look = step.waiting();
    return new RoundItem(
        "case-" + open.id(),
        look ? "lens" : "flag",
        plant.id(),
        plant.name(),
        plant.code(),
        look ? "look again" : "decide what next",
        look
            ? open.cause().label() + " · changed " + WaterItems.ago(step.madeOn(), today)
            : open.cause().label() + " · it was " + step.response().name().toLowerCase(Locale.ROOT),
        look && isToday
            ? List.of(
                new RoundItem.Answer("Better", action, "outcome", "BETTER"),
                new RoundItem.Answer("Same", action, "outcome", "SAME"),
                new RoundItem.Answer("Worse", action, "outcome", "WORSE"))
            : List.of(),
        false,
        null,
        "/cases/" + open.id(),
        null);
  }

  /** A test that takes days, to be read. */
  static RoundItem ofTest(PlantView plant, WaitingTestView test, LocalDate today, boolean isToday) {
    String action = "/today/tests/" + test.id();
    return new RoundItem(
        "test-" + test.id(),
        "lens",
        plant.id(),
        plant.name(),
        plant.code(),
        test.check().waits() ? "read the test" : "look, as planned",
        test.check().waits()
            ? test.node().label() + "? · begun " + WaterItems.ago(test.startedOn(), today)
            : test.check().label() + ": " + test.node().label() + "?",
        isToday
            ? List.of(
                new RoundItem.Answer("Yes", action, "there", "true"),
                new RoundItem.Answer("No", action, "there", "false"))
            : List.of(),
        false,
        null,
        "/plants/" + plant.id() + "/diagnose",
        null);
  }
}
