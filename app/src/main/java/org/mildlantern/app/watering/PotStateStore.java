package org.mildlantern.app.watering;

import jakarta.annotation.PreDestroy;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.RejectedExecutionHandler;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Writes the states of many pots in one batch, after the page that worked them out and beside it: a
 * page that is only read neither waits for them nor needs a second connection. What could not be
 * written is worked out again.
 */
@Component
class PotStateStore {
  private static final Logger LOG = LoggerFactory.getLogger(PotStateStore.class);
  private static final int WAITING = 200;

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
  private final TransactionTemplate transaction;
  private final Scope scope;
  private final CollectionMemo memo;
  private final Map<Long, PotState> pending = new ConcurrentHashMap<>();
  private final ThreadPoolExecutor writer =
      oneAtATime("pot-states", (work, full) -> pending.clear());
  private final ThreadPoolExecutor worker =
      oneAtATime("pots", new ThreadPoolExecutor.AbortPolicy());

  PotStateStore(
      NamedParameterJdbcTemplate jdbc,
      PlatformTransactionManager transactions,
      Scope scope,
      CollectionMemo memo) {
    this.memo = memo;
    this.jdbc = jdbc;
    this.transaction = new TransactionTemplate(transactions);
    this.scope = scope;
  }

  private static ThreadPoolExecutor oneAtATime(String name, RejectedExecutionHandler whenFull) {
    return new ThreadPoolExecutor(
        1,
        1,
        0,
        TimeUnit.SECONDS,
        new ArrayBlockingQueue<>(WAITING),
        work -> new Thread(work, name),
        whenFull);
  }

  /** States that are worked out and not written yet, by plant. */
  Map<Long, PotState> pending() {
    return pending;
  }

  /**
   * Has the rest of many pots worked out beside the pages, part by part; pages that come then show
   * them.
   *
   * @param failed is told of each part that could not be, so that it is asked for again
   */
  <T> void later(List<T> parts, Consumer<T> work, Consumer<T> failed) {
    SignedIn keeper = scope.keeper();
    try {
      worker.execute(
          () ->
              scope.as(
                  keeper,
                  () -> {
                    parts.forEach(part -> work(part, work, failed));
                    work(null, none -> memo.forget(), none -> {});
                    return null;
                  }));
    } catch (RejectedExecutionException e) {
      parts.forEach(failed);
    }
  }

  private <T> void work(T part, Consumer<T> work, Consumer<T> failed) {
    try {
      transaction.executeWithoutResult(status -> work.accept(part));
    } catch (RuntimeException e) {
      LOG.warn("pots were not worked out beside the pages", e);
      failed.accept(part);
    }
  }

  /** Has the states written soon. */
  void keep(List<PotState> states) {
    if (states.isEmpty()) {
      return;
    }
    Long collection = scope.keeper().collectionId();
    MapSqlParameterSource[] rows =
        states.stream()
            .sorted(Comparator.comparing(PotState::plantId))
            .map(state -> row(state, collection))
            .toArray(MapSqlParameterSource[]::new);
    states.forEach(state -> pending.put(state.plantId(), state));
    writer.execute(() -> write(rows, states));
  }

  private void write(MapSqlParameterSource[] rows, List<PotState> states) {
    try {
      transaction.executeWithoutResult(status -> jdbc.batchUpdate(UPSERT, rows));
    } catch (DataAccessException | TransactionException e) {
      LOG.info("states of {} pots were not kept: {}", rows.length, e.getMessage());
    } finally {
      states.forEach(state -> pending.remove(state.plantId(), state));
    }
  }

  @PreDestroy
  void finish() throws InterruptedException {
    worker.shutdownNow();
    writer.shutdown();
    writer.awaitTermination(5, TimeUnit.SECONDS);
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
