package org.mildlantern.app.demo;

import java.util.List;
import java.util.Map;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.journal.Treated;
import org.mildlantern.core.knowledge.Knowledge;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Writes the demo's courses of treatment, quarantines and looks for pests. */
@Component
class DemoTreatment {
  private final DemoRows rows;
  private final Knowledge knowledge;
  private final JdbcClient jdbc;

  DemoTreatment(DemoRows rows, Knowledge knowledge, JdbcClient jdbc) {
    this.rows = rows;
    this.knowledge = knowledge;
    this.jdbc = jdbc;
  }

  /** A move with its places, so that contacts can be read from it. */
  void move(long plant, Sheet move, Map<String, Long> places) {
    Moved moved = new Moved(places.get(move.text("from")), places.get(move.text("to")));
    rows.entry(plant, move.days("ago"), 12, moved, move.text("text")).save();
  }

  void isolation(long plant, Sheet isolation) {
    int began = isolation.days("began");
    rows.row("isolation")
        .with("plant_id", plant)
        .with("pest", isolation.text("pest"))
        .with("why", isolation.text("why"))
        .with("began_on", rows.day(began))
        .with(
            "entry_id",
            rows.entry(
                    plant,
                    began,
                    12,
                    new Recorded(Recorded.What.QUARANTINE_BEGUN),
                    "Quarantine begun: " + isolation.text("why"))
                .save())
        .save();
  }

  /** Looks on several days, with what was counted on each. */
  void looks(long plant, Sheet looks) {
    String pest = looks.text("pest");
    List<?> counted = (List<?>) looks.get("counted");
    List<?> ago = (List<?>) looks.get("ago");
    for (int i = 0; i < ago.size(); i++) {
      int day = ((Number) ago.get(i)).intValue();
      int number = ((Number) counted.get(i)).intValue();
      String what =
          knowledge.causes().find(pest).map(c -> " for " + c.label().toLowerCase()).orElse("");
      String found = number == 0 ? ": nothing found" : ": " + number + " found";
      rows.row("pest_look")
          .with("plant_id", plant)
          .with("pest", pest)
          .with("looked_on", rows.day(day))
          .with("counted", number)
          .with(
              "entry_id",
              rows.entry(
                      plant, day, 13, new Looked(Looked.What.PEST, null), "Looked" + what + found)
                  .save())
          .save();
    }
  }

  void course(long plant, Sheet course) {
    int begun = course.days("begun");
    Long theCase =
        jdbc.sql("select id from plant_case where plant_id = :p and closed_on is null")
            .param("p", plant)
            .query(Long.class)
            .single();
    long entry = entry(plant, begun, new Treated(Treated.Act.BEGUN, theCase), course.text("text"));
    long id =
        rows.row("treatment_course")
            .with("case_id", theCase)
            .with("plant_id", plant)
            .with("pest", course.text("pest"))
            .with("school", course.text("school"))
            .with("females", course.days("females"))
            .with("celsius", course.number("celsius"))
            .with("begun_on", rows.day(begun))
            .with("entry_id", entry)
            .save();
    for (Sheet visit : course.list("visits")) {
      int day = visit.days("ago");
      boolean done = day > 0;
      rows.row("treatment_visit")
          .with("course_id", id)
          .with("planned_on", rows.day(day))
          .with("means", visit.text("means"))
          .with("state", done ? "DONE" : "PLANNED")
          .with("answered_on", done ? rows.day(day) : null)
          .with(
              "entry_id",
              done
                  ? entry(
                      plant,
                      day,
                      new Treated(Treated.Act.TREATED, theCase),
                      "Treated: " + visit.text("text"))
                  : null)
          .save();
    }
  }

  private long entry(long plant, int ago, Treated note, String text) {
    return rows.entry(plant, ago, 18, note, text).save();
  }
}
