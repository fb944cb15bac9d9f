package org.mildlantern.app.archive;

import java.util.List;
import java.util.Map;

/**
 * What makes rows the same that were never in one archive: a collection has one of them only. In
 * conditions {@code t} is the row that is there and {@code i} the one that comes, with what it
 * refers to as it is called here.
 */
final class Natural {
  /** Rows that are counted up in their collection, with the column of the count. */
  static final Map<String, String> COUNTED =
      Map.of("plant_case", "number", "raising_batch", "number");

  /** By table. */
  private static final Map<String, List<String>> SAME =
      Map.ofEntries(
          Map.entry("place", List.of("lower(t.name) = lower(i.name)")),
          Map.entry(
              "plant_case",
              List.of("t.plant_id = i.plant_id and t.closed_on is null and i.closed_on is null")),
          Map.entry(
              "look",
              List.of(
                  "t.plant_id = i.plant_id and t.finished_at is null and i.finished_at is null")),
          Map.entry(
              "finding",
              List.of(
                  "t.look_id = i.look_id and t.sign = i.sign and t.pattern is not distinct from i.pattern")),
          Map.entry(
              "look_overrule", List.of("t.look_id = i.look_id and t.condition = i.condition")),
          Map.entry("look_told", List.of("t.look_id = i.look_id and t.field = i.field")),
          Map.entry(
              "waiting_test",
              List.of(
                  "t.plant_id = i.plant_id and t.node = i.node and t.ended_on is null and i.ended_on is null")),
          Map.entry(
              "isolation",
              List.of("t.plant_id = i.plant_id and t.ended_on is null and i.ended_on is null")),
          Map.entry(
              "treatment_course",
              List.of("t.case_id = i.case_id and t.ended_on is null and i.ended_on is null")),
          Map.entry("case_carrier", List.of("t.case_id = i.case_id and t.carrier = i.carrier")),
          Map.entry("collection_choice", List.of("t.topic = i.topic")),
          Map.entry("cabinet_rate", List.of("t.item_id = i.item_id and t.used_for = i.used_for")),
          Map.entry(
              "trap_count", List.of("t.place_id = i.place_id and t.counted_on = i.counted_on")),
          Map.entry("saved_view", List.of("lower(t.name) = lower(i.name)")),
          Map.entry("place_light", List.of("t.place_id = i.place_id")),
          Map.entry("place_air", List.of("t.place_id = i.place_id")),
          Map.entry("place_spot", List.of("t.place_id = i.place_id and t.name = i.name")),
          Map.entry("standing", List.of("t.plant_id = i.plant_id")),
          Map.entry("frost_answer", List.of("t.plant_id = i.plant_id and t.night = i.night")),
          Map.entry("sun_answer", List.of("t.plant_id = i.plant_id and t.day = i.day")),
          Map.entry("device", List.of("t.key = i.key")),
          Map.entry("own_climate", List.of("true")),
          Map.entry("own_water", List.of("t.name = i.name")),
          Map.entry("feed_product", List.of("t.name = i.name")),
          Map.entry("repot_put_off", List.of("t.plant_id = i.plant_id")),
          Map.entry("plant_origin", List.of("t.plant_id = i.plant_id")),
          Map.entry(
              "entry",
              List.of(
                  "t.reading_key = i.reading_key",
                  "t.supersedes_id = (select m.new from map_entry m where m.old = i.supersedes_id)")),
          Map.entry("trip_plant", List.of("t.trip_id = i.trip_id and t.plant_id = i.plant_id")),
          Map.entry(
              "trip_task",
              List.of("t.trip_id = i.trip_id and t.plant_id = i.plant_id and t.day = i.day")));

  private static final String SAME_PLANT =
      "lower(t.code) = lower(i.code) and lower(t.name) = lower(i.name)";

  private Natural() {}

  /**
   * The conditions under each of which a row is the same as one that is there.
   *
   * @param samePlants whether plants of one code and name are the same plant
   */
  static List<String> same(String table, boolean samePlants) {
    return table.equals("plant")
        ? samePlants ? List.of(SAME_PLANT) : List.of()
        : SAME.getOrDefault(table, List.of());
  }

  /** Whether something is said about the table. */
  static boolean knows(String table) {
    return table.equals("plant") || SAME.containsKey(table) || COUNTED.containsKey(table);
  }
}
