package org.mildlantern.app.watering;

import java.util.List;
import org.mildlantern.app.keeper.Scope;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Writes the states of many pots in one batch; two requests that do so at once both succeed. */
@Component
class PotStateStore {
  private static final String UPSERT =
      """
      insert into pot_state (plant_id, collection_id, known, look_on, soonest, latest, share_left,
        ready_chance, drink_ml, reason, bears, weighed)
      values (:plant, :collection, :known, :look, :soonest, :latest, :left, :ready, :drink, :reason,
        :bears, :weighed)
      on conflict (plant_id) do update set known = excluded.known, look_on = excluded.look_on,
        soonest = excluded.soonest, latest = excluded.latest, share_left = excluded.share_left,
        ready_chance = excluded.ready_chance, drink_ml = excluded.drink_ml, reason = excluded.reason,
        bears = excluded.bears, weighed = excluded.weighed
      where pot_state.collection_id = excluded.collection_id
      """;

  private final NamedParameterJdbcTemplate jdbc;
  private final Scope scope;

  PotStateStore(NamedParameterJdbcTemplate jdbc, Scope scope) {
    this.jdbc = jdbc;
    this.scope = scope;
  }

  void save(List<PotState> states) {
    Long collection = scope.keeper().collectionId();
    jdbc.batchUpdate(
        UPSERT,
        states.stream()
            .sorted(java.util.Comparator.comparing(PotState::plantId))
            .map(state -> row(state, collection))
            .toArray(MapSqlParameterSource[]::new));
  }

  private static MapSqlParameterSource row(PotState state, Long collection) {
    return new MapSqlParameterSource()
        .addValue("plant", state.plantId())
        .addValue("collection", collection)
        .addValue("known", state.known())
        .addValue("look", state.lookOn())
        .addValue("soonest", state.soonest())
        .addValue("latest", state.latest())
        .addValue("left", state.shareLeft())
        .addValue("ready", state.readyChance())
        .addValue("drink", state.drinkMl())
        .addValue("reason", state.reason())
        .addValue("bears", state.bears())
        .addValue("weighed", state.weighed());
  }
}
