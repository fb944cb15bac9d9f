package org.mildlantern.app.calendar;

import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SecretDoor;
import org.mildlantern.app.keeper.Secrets;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the address of a collection's calendar, and what was told there of each event. */
@Service
@Transactional
class CalendarService {
  private final WorkAhead work;
  private final CalendarFile file;
  private final KeeperService keepers;
  private final JdbcClient jdbc;
  private final Scope scope;

  CalendarService(
      WorkAhead work, CalendarFile file, KeeperService keepers, JdbcClient jdbc, Scope scope) {
    this.work = work;
    this.file = file;
    this.keepers = keepers;
    this.jdbc = jdbc;
    this.scope = scope;
  }

  /**
   * The collection's calendar.
   *
   * @param hour at which the round begins, or null for events that take the day
   */
  record Feed(Integer hour) {}

  Optional<Feed> feed() {
    return jdbc.sql("select hour from calendar_feed where collection_id = :c")
        .param("c", collection())
        .query((row, n) -> new Feed((Integer) row.getObject("hour")))
        .optional();
  }

  private Long collection() {
    return scope.keeper().collectionId();
  }

  /** Makes an address, and ends a former one; its secret, which is shown only now. */
  String open(Integer hour) {
    String secret = Secrets.fresh();
    jdbc.sql(
            "insert into calendar_feed (collection_id, hash, hour, made_at) values (:c, :hash, :hour,"
                + " :at) on conflict (collection_id) do update set hash = excluded.hash, hour ="
                + " excluded.hour, made_at = excluded.made_at")
        .param("c", collection())
        .param("hash", Secrets.hash(secret))
        .param("hour", hour)
        .param("at", scope.now().atOffset(ZoneOffset.UTC))
        .update();
    return secret;
  }

  void close() {
    jdbc.sql("delete from calendar_feed where collection_id = :c")
        .param("c", collection())
        .update();
  }

  /** The collection whose calendar has this secret. */
  @Transactional(readOnly = true)
  Optional<SecretDoor.Way> way(String secret) {
    return jdbc.sql("select collection_id from calendar_feed where hash = :hash")
        .param("hash", Secrets.hash(secret))
        .query(Long.class)
        .optional()
        .flatMap(id -> keepers.ofCollection(id).map(keeper -> new SecretDoor.Way(keeper, id)));
  }

  /**
   * The calendar as it is now, and remembers what was told.
   *
   * @param home address of the app
   */
  String calendar(String home) {
    Integer hour = feed().map(Feed::hour).orElse(null);
    return file.of(told(), scope.zone(), hour, home, collection());
  }

  /** Events ahead with their changes counted, and those that were called off until their day. */
  List<Planned> told() {
    Instant now = scope.now();
    LocalDate today = scope.today();
    Map<String, Planned> former = new LinkedHashMap<>();
    known().forEach(event -> former.put(event.uid(), event));
    List<Planned> all = new ArrayList<>();
    for (Planned event : work.events(now)) {
      Planned old = former.remove(event.uid());
      Planned fresh = old == null ? event : event.sameAs(old) ? old : event.after(old, now);
      if (fresh != old) {
        keep(fresh);
      }
      all.add(fresh);
    }
    for (Planned old : former.values()) {
      if (old.day().isBefore(today)) {
        forget(old);
      } else if (old.gone()) {
        all.add(old);
      } else {
        Planned off = old.calledOff().after(old, now);
        keep(off);
        all.add(off);
      }
    }
    return all;
  }

  private List<Planned> known() {
    return jdbc.sql(
            "select uid, day, summary, words, path, sequence, changed_at, gone from calendar_event"
                + " where collection_id = :c order by uid for update")
        .param("c", collection())
        .query(
            (row, n) ->
                new Planned(
                    row.getString("uid"),
                    row.getObject("day", LocalDate.class),
                    row.getString("summary"),
                    row.getString("words"),
                    row.getString("path"),
                    row.getInt("sequence"),
                    row.getObject("changed_at", OffsetDateTime.class).toInstant(),
                    row.getBoolean("gone")))
        .list();
  }

  private void keep(Planned event) {
    jdbc.sql(
            "insert into calendar_event (collection_id, uid, day, summary, words, path, sequence,"
                + " changed_at, gone) values (:c, :uid, :day, :summary, :words, :path, :sequence, :at,"
                + " :gone) on conflict (collection_id, uid) do update set day = excluded.day, summary ="
                + " excluded.summary, words = excluded.words, path = excluded.path, sequence ="
                + " excluded.sequence, changed_at = excluded.changed_at, gone = excluded.gone")
        .param("c", collection())
        .param("uid", event.uid())
        .param("day", event.day())
        .param("summary", event.summary())
        .param("words", event.words())
        .param("path", event.path())
        .param("sequence", event.sequence())
        .param("at", event.changedAt().atOffset(ZoneOffset.UTC))
        .param("gone", event.gone())
        .update();
  }

  private void forget(Planned event) {
    jdbc.sql("delete from calendar_event where collection_id = :c and uid = :uid")
        .param("c", collection())
        .param("uid", event.uid())
        .update();
  }
}
