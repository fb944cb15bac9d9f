package org.mildlantern.app.demo;

import org.mildlantern.app.keeper.SignedIn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Moves every date of the demo collection by whole days. */
@Component
class DemoShift {
  private final JdbcClient jdbc;

  DemoShift(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  @Transactional
  void by(int days, SignedIn keeper) {
    if (days == 0) {
      return;
    }
    for (String update :
        new String[] {
          "update waiting_test set started_on = started_on + :d, due_on = due_on + :d,"
              + " ended_on = ended_on + :d where collection_id = :c",
          "update photo set taken_on = taken_on + :d where collection_id = :c",
          "update treatment_course set begun_on = begun_on + :d, ended_on = ended_on + :d"
              + " where collection_id = :c",
          "update treatment_visit set planned_on = planned_on + :d,"
              + " answered_on = answered_on + :d where collection_id = :c",
          "update pest_look set looked_on = looked_on + :d where collection_id = :c",
          "update isolation set began_on = began_on + :d, ended_on = ended_on + :d"
              + " where collection_id = :c",
          "update cabinet_item set opened_on = opened_on + :d, expires_on = expires_on + :d,"
              + " away_on = away_on + :d where collection_id = :c",
          "update mix set mixed_on = mixed_on + :d, back_on = back_on + :d"
              + " where collection_id = :c",
          "update patch_test set begun_on = begun_on + :d where collection_id = :c",
          "update light_reading set at = at + make_interval(days => :d) where collection_id = :c",
          "update trap_count set counted_on = counted_on + :d where collection_id = :c",
          "update spot_measure set measured_on = measured_on + :d where collection_id = :c",
          "update plant set medium_since = medium_since + :d, arrived_on = arrived_on + :d,"
              + " stage_since = stage_since + :d,"
              + " archived_on = archived_on + :d where collection_id = :c",
          "update raising_batch set begun_on = begun_on + :d, closed_on = closed_on + :d"
              + " where collection_id = :c",
          "update raising_count set day = day + :d where collection_id = :c",
          "update repot_put_off set until = until + :d where collection_id = :c",
          "update entry set at = at + make_interval(days => :d) where collection_id = :c"
              + " and reading_key is null",
          "update entry set note = jsonb_set(note, '{before,since}',"
              + " to_jsonb((note #>> '{before,since}')::date + :d)) where collection_id = :c"
              + " and note #> '{before,since}' is not null",
          "update look set started_at = started_at + make_interval(days => :d),"
              + " finished_at = finished_at + make_interval(days => :d) where collection_id = :c",
          "update plant_case set opened_on = opened_on + :d, closed_on = closed_on + :d"
              + " where collection_id = :c",
          "update case_change set made_on = made_on + :d, look_on = look_on + :d,"
              + " responded_on = responded_on + :d, undone_on = undone_on + :d"
              + " where collection_id = :c"
        }) {
      jdbc.sql(update).param("d", days).param("c", keeper.collectionId()).update();
    }
  }
}
