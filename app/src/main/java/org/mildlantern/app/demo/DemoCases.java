package org.mildlantern.app.demo;

import java.util.Locale;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.care.CarePlan;
import org.mildlantern.core.care.PlantNow;
import org.mildlantern.core.journal.CaseActed;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.season.Stage;
import org.springframework.stereotype.Component;

/** Writes the demo's cases: the look that opened each, its changes, responses and end. */
@Component
class DemoCases {
  private final DemoRows rows;
  private final Knowledge knowledge;
  private final Scope scope;

  DemoCases(DemoRows rows, Knowledge knowledge, Scope scope) {
    this.rows = rows;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  void write(int number, long plant, Kind kind, Sheet story) {
    int opened = story.days("opened");
    Integer closed = (Integer) story.get("closed");
    Cause cause = knowledge.causes().find(story.text("cause")).orElseThrow();
    long look = look(plant, opened, story);
    long id =
        rows.row("plant_case")
            .with("number", number)
            .with("plant_id", plant)
            .with("look_id", look)
            .with("cause_id", cause.id())
            .with("probability", story.number("probability"))
            .with("opened_on", rows.day(opened))
            .with("closed_on", closed == null ? null : rows.day(closed))
            .with("outcome", story.text("outcome"))
            .with("learned", story.get("learned", ""))
            .save();
    String opening = "Case " + number + " opened: " + cause.label();
    rows.entry(plant, opened, 11, new CaseActed(CaseActed.Act.OPENED, id, null), opening).save();
    for (Sheet step : story.list("changes")) {
      change(plant, id, cause, kind, step, opened, closed != null);
    }
    if (closed != null) {
      String end = "Case " + number + " closed. " + story.get("learned", "");
      rows.entry(plant, closed, 15, new CaseActed(CaseActed.Act.CLOSED, id, null), end).save();
    }
  }

  /** A finished look with its findings. */
  long look(long plant, int opened, Sheet story) {
    long look =
        rows.row("look")
            .with("plant_id", plant)
            .with("started_at", rows.at(opened, 10))
            .with("finished_at", rows.at(opened, 10).plusMinutes(10))
            .save();
    for (Sheet finding : story.list("findings")) {
      var node = knowledge.node(finding.text("node")).orElseThrow();
      rows.row("finding")
          .with("look_id", look)
          .with("sign", node.sign().id())
          .with("pattern", node.pattern().id())
          .with("present", isPresent(finding))
          .with("detail", finding.get("detail", ""))
          .save();
    }
    String seen =
        story.list("findings").stream()
            .filter(DemoCases::isPresent)
            .map(finding -> knowledge.node(finding.text("node")).orElseThrow().label())
            .collect(Collectors.joining("; ", "Looked: ", ""));
    rows.entry(plant, opened, 10, new Looked(Looked.What.FINDINGS, look), seen).save();
    return look;
  }

  private void change(
      long plant, long theCase, Cause cause, Kind kind, Sheet step, int opened, boolean closed) {
    Change change = knowledge.changes().find(step.text("change")).orElseThrow();
    int made = step.days("made");
    Integer responded = (Integer) step.get("responded");
    long id =
        rows.row("case_change")
            .with("case_id", theCase)
            .with("change_id", change.id())
            .with("made_on", rows.day(made))
            .with(
                "look_on",
                step.has("look")
                    ? rows.day(step.days("look"))
                    : CarePlan.of(
                            cause,
                            change,
                            new PlantNow(kind, Stage.GROWTH, knowledge),
                            rows.day(made),
                            scope.latitude())
                        .lookOn())
            .with("reason", step.get("reason", ""))
            .with("confounded_by", step.text("confounded"))
            .with("response", step.text("response"))
            .with("responded_on", responded == null ? null : rows.day(responded))
            .with("probability_after", step.get("after"))
            .with("ended", closed || Boolean.TRUE.equals(step.get("ended")))
            .save();
    if (made != opened) {
      CaseActed next = new CaseActed(CaseActed.Act.CHANGED, theCase, id);
      rows.entry(plant, made, 12, next, "Next change: " + change.label()).save();
    }
    if (responded != null) {
      String response = step.text("response");
      String answer =
          "%s%s after “%s”"
              .formatted(
                  response.charAt(0),
                  response.substring(1).toLowerCase(Locale.ROOT),
                  change.label());
      CaseActed answered = new CaseActed(CaseActed.Act.ANSWERED, theCase, id);
      rows.entry(plant, responded, 13, answered, answer).save();
    }
  }

  private static boolean isPresent(Sheet finding) {
    return !Boolean.FALSE.equals(finding.get("present"));
  }
}
