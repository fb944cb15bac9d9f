package org.mildlantern.app.archive;

import java.util.Arrays;
import java.util.Optional;

/**
 * A table of its own for a spreadsheet, in words as people read them. Times are local to the
 * collection; measures are metric.
 */
enum Sheet {
  PLANTS(
      "plants",
      "Plants with their pots and places",
      "select p.code as \"Code\", p.name as \"Name\", l.name as \"Place\", p.form_id as \"Form\","
          + " p.pot_cm as \"Pot, cm\", p.pot_material as \"Pot is of\","
          + " coalesce(p.own_medium, p.medium_id) as \"Medium\", p.medium_since as \"Medium since\","
          + " p.arrived_on as \"Arrived\", p.stage as \"Stage\", p.archived_on as \"Put away\","
          + " p.notes as \"Notes\" from plant p join place l on l.id = p.place_id"
          + " where p.collection_id = :c order by p.code"),
  LOG(
      "log",
      "The day book, without what was taken back",
      "select p.code as \"Code\", p.name as \"Name\", to_char(e.at at time zone :zone, 'YYYY-MM-DD"
          + " HH24:MI') as \"When\", e.kind as \"Kind\", e.text as \"Words\" from entry e join"
          + " plant p on p.id = e.plant_id where e.collection_id = :c and not e.superseded and"
          + " e.kind <> 'TAKEN_BACK' order by e.at, e.id"),
  READINGS(
      "readings",
      "What devices measured in the air, and weights and probes of pots",
      "select d.name as \"Device\", null as \"Code\", to_char(r.at at time zone :zone, 'YYYY-MM-DD"
          + " HH24:MI:SS') as \"When\", case r.gauge when 0 then 'air, °C' when 1 then 'humidity, %'"
          + " when 2 then 'light, lux' when 3 then 'light, µmol/m²/s' when 4 then 'pane, °C' else"
          + " 'gauge ' || r.gauge end as \"Measured\", r.value::text as \"Value\" from air_reading r"
          + " join device d on d.id = r.device_id where d.collection_id = :c union all select null,"
          + " p.code, to_char(e.at at time zone :zone, 'YYYY-MM-DD HH24:MI:SS'), e.kind, e.text from"
          + " entry e join plant p on p.id = e.plant_id where e.collection_id = :c and not"
          + " e.superseded and e.kind in ('WEIGHED', 'METERED', 'SALTS') order by 3"),
  CASES(
      "cases",
      "Cases with what was changed and what came of it",
      "select k.number as \"Case\", p.code as \"Code\", p.name as \"Name\", k.cause_id as \"Cause\","
          + " round((100 * k.probability)::numeric) as \"Odds, %\", k.opened_on as \"Opened\","
          + " g.change_id as \"Change\", g.made_on as \"Made\", g.response as \"Response\","
          + " k.closed_on as \"Closed\", k.outcome as \"Outcome\", k.learned as \"Learned\" from"
          + " plant_case k join plant p on p.id = k.plant_id left join case_change g on g.case_id ="
          + " k.id where k.collection_id = :c order by k.number, g.id"),
  TREATMENTS(
      "treatments",
      "Visits of treatments: when, with what, what was mixed at which rate",
      "select p.code as \"Code\", p.name as \"Name\", u.pest as \"Against\", v.planned_on as"
          + " \"Planned\", v.state as \"State\", v.answered_on as \"Done\", v.means as \"Means\","
          + " i.name as \"Product\", m.rate as \"Rate\", m.made as \"Made, ml\", v.reason as"
          + " \"Reason\" from treatment_visit v join treatment_course u on u.id = v.course_id join"
          + " plant p on p.id = u.plant_id left join mix m on m.visit_id = v.id and m.back_on is"
          + " null left join cabinet_item i on i.id = m.item_id where v.collection_id = :c order by"
          + " v.planned_on, v.id");

  private final String id;
  private final String words;
  private final String sql;

  Sheet(String id, String words, String sql) {
    this.id = id;
    this.words = words;
    this.sql = sql;
  }

  /** Its name in addresses and files. */
  public String id() {
    return id;
  }

  /** What it holds. */
  public String words() {
    return words;
  }

  /** A query for the rows of a collection. */
  String sql(Long collection, String zone) {
    return sql.replace(":c", collection.toString())
        .replace(":zone", "'" + zone.replace("'", "''") + "'");
  }

  static Optional<Sheet> of(String id) {
    return Arrays.stream(values()).filter(sheet -> sheet.id.equals(id)).findFirst();
  }
}
