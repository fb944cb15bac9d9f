package org.mildlantern.app.archive;

import java.util.List;
import java.util.Set;

/**
 * Which rows go into an archive: all of a collection, or those of one plant for another keeper.
 *
 * @param plant or null for all
 */
record Selection(Long collection, Long plant) {
  /** What a plant takes along: its life, and nothing of the place, its neighbours or the shelf. */
  static final Set<String> OF_PLANT =
      Set.of(
          "plant",
          "plant_origin",
          "entry",
          "photo",
          "look",
          "finding",
          "look_told",
          "look_overrule",
          "plant_case",
          "case_change",
          "treatment_course",
          "treatment_visit",
          "pest_look",
          "patch_test",
          "waiting_test",
          "spot_measure");

  /** What is known of a plant and says more of where it stood, or of the keeper's own days. */
  static final Set<String> STAYS =
      Set.of(
          "isolation",
          "standing",
          "frost_answer",
          "sun_answer",
          "repot_put_off",
          "raising_batch",
          "trip_message",
          "trip_plant",
          "trip_task",
          "case_carrier",
          "mix");

  List<Tables.Table> of(Tables tables) {
    return tables.all().stream()
        .filter(table -> plant == null || OF_PLANT.contains(table.name()))
        .toList();
  }

  /** The condition that its rows fulfil. */
  String where(Tables.Table table) {
    if (plant != null) {
      return " where collection_id = %d and %s".formatted(collection, ofPlant(table));
    }
    if (table.owned()) {
      return " where collection_id = " + collection;
    }
    Tables.Column parent =
        table.columns().stream().filter(one -> one.refers() != null).findFirst().orElseThrow();
    return " where %s in (select id from %s where collection_id = %d)"
        .formatted(parent.name(), parent.refers(), collection);
  }

  private String ofPlant(Tables.Table table) {
    if (table.name().equals("plant")) {
      return "id = " + plant;
    }
    if (table.has("plant_id")) {
      return "plant_id = " + plant;
    }
    Tables.Column parent =
        table.columns().stream()
            .filter(one -> one.refers() != null && OF_PLANT.contains(one.refers()))
            .filter(one -> !one.refers().equals("entry"))
            .findFirst()
            .orElseThrow();
    return "%s in (select id from %s where plant_id = %d)"
        .formatted(parent.name(), parent.refers(), plant);
  }

  /** A place, a list or a parent that is not in the archive is not told of either. */
  boolean tells(Tables.Column column) {
    return plant == null || column.refers() == null || OF_PLANT.contains(column.refers());
  }
}
