package org.mildlantern.app.sensors;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.air.Gauge;
import org.mildlantern.core.light.Photometer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Readings of devices in the database, and their sums by the hour and the day. */
@Component
class AirStore {
  /** Of a µmol/m²/s that lasts. */
  private static final double MOL_A_DAY = 0.0864;

  /** Hours of a day in which light was read, its night with them. */
  private static final int ROUND_THE_CLOCK = 22;

  private static final Duration FILES_WAIT = Duration.ofDays(2);

  private final JdbcClient jdbc;

  AirStore(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** The id of a device by its key, which is new when it sends for the first time. */
  long device(long collection, String key, String name) {
    jdbc.sql(
            "insert into device (collection_id, key, name) values (:c, :key, :name)"
                + " on conflict (collection_id, key) do nothing")
        .param("c", collection)
        .param("key", key)
        .param("name", name)
        .update();
    return jdbc.sql("select id from device where collection_id = :c and key = :key")
        .param("c", collection)
        .param("key", key)
        .query(Long.class)
        .single();
  }

  /** How many days single readings of a collection are kept. */
  int keepDays(long collection) {
    return jdbc.sql("select keep_days from collection where id = :c")
        .param("c", collection)
        .query(Integer.class)
        .single();
  }

  void keep(long collection, int days) {
    jdbc.sql("update collection set keep_days = :days where id = :c")
        .param("days", days)
        .param("c", collection)
        .update();
  }

  /** A stretch of time: its beginning, and mean, least and most of what was read in it. */
  record Point(Instant at, double mean, double low, double high) {}

  /** What devices read while they were at a place, as it stands. */
  List<Point> raw(long place, Gauge gauge, Instant from, int most) {
    return points(
        "select r.at as at, avg(r.value) as mean, min(r.value) as low, max(r.value) as high"
            + " from device_place p join air_reading r on r.device_id = p.device_id and r.gauge = :g"
            + " and r.at >= greatest(p.since, :from) and (p.until is null or r.at < p.until)"
            + " where p.place_id = :p group by 1 order by 1 desc limit :most",
        place,
        gauge,
        from,
        most);
  }

  /** The same by the hour. */
  List<Point> hours(long place, Gauge gauge, Instant from, int most) {
    return points(
        "select h.hour as at, sum(h.total) / sum(h.n) as mean, min(h.low) as low, max(h.high) as high"
            + " from device_place p join air_hour h on h.device_id = p.device_id and h.gauge = :g"
            + " and h.hour >= date_trunc('hour', greatest(p.since, :from))"
            + " and (p.until is null or h.hour < p.until)"
            + " where p.place_id = :p group by 1 order by 1 desc limit :most",
        place,
        gauge,
        from,
        most);
  }

  /** The same by the day. */
  List<Point> days(long place, Gauge gauge, Instant from, int most) {
    return points(
        "select d.day::timestamptz as at, sum(d.total) / sum(d.n) as mean, min(d.low) as low,"
            + " max(d.high) as high"
            + " from device_place p join air_day d on d.device_id = p.device_id and d.gauge = :g"
            + " and d.day >= greatest(p.since, :from)::date"
            + " and (p.until is null or d.day <= p.until::date)"
            + " where p.place_id = :p group by 1 order by 1 desc limit :most",
        place,
        gauge,
        from,
        most);
  }

  private List<Point> points(String sql, long place, Gauge gauge, Instant from, int most) {
    List<Point> points =
        new ArrayList<>(
            jdbc.sql(sql)
                .param("g", gauge.ordinal())
                .param("from", from.atOffset(ZoneOffset.UTC))
                .param("p", place)
                .param("most", most)
                .query(
                    (row, n) ->
                        new Point(
                            row.getObject("at", OffsetDateTime.class).toInstant(),
                            row.getDouble("mean"),
                            row.getDouble("low"),
                            row.getDouble("high")))
                .list());
    Collections.reverse(points);
    return points;
  }

  /** What was read at a place over some days. */
  record Lately(long place, Gauge gauge, double mean, double low, double high, int days) {}

  /** Of all places of a collection, from a day on. */
  List<Lately> lately(long collection, LocalDate from) {
    return jdbc.sql(
            "select p.place_id, d.gauge, sum(d.total) / sum(d.n) as mean, min(d.low) as low,"
                + " max(d.high) as high, count(distinct d.day) as days"
                + " from device_place p join air_day d on d.device_id = p.device_id"
                + " and d.day >= greatest(p.since::date, :from)"
                + " and (p.until is null or d.day <= p.until::date)"
                + " where p.collection_id = :c group by 1, 2")
        .param("from", from)
        .param("c", collection)
        .query(AirStore::lately)
        .list();
  }

  /**
   * Light of the mean day of each stand of a collection, mol/m², from a day on: of days that were
   * read nearly round the clock, as lux of daylight where no photons were read.
   */
  Map<SensorService.Stand, Double> light(long collection, LocalDate from, ZoneId zone) {
    Map<SensorService.Stand, Double> all = new HashMap<>();
    jdbc.sql(
            "select place_id, spot_id, avg(mean) * :factor as mean from (select p.place_id, p.spot_id,"
                + " avg(h.total / h.n * case h.gauge when :lux then :micromol else 1 end) as mean"
                + " from device_place p join air_hour h on h.device_id = p.device_id"
                + " and h.gauge in (:lux, :ppfd) and h.hour >= greatest(p.since, cast(:from as date))"
                + " and (p.until is null or h.hour < p.until)"
                + " where p.collection_id = :c"
                + " group by p.place_id, p.spot_id, p.device_id, h.gauge, (h.hour at time zone :zone)::date"
                + " having count(*) >= :hours) d group by place_id, spot_id")
        .param("factor", MOL_A_DAY)
        .param("lux", Gauge.LUX.ordinal())
        .param("ppfd", Gauge.PPFD.ordinal())
        .param("micromol", Photometer.LUX.ppfd(1))
        .param("from", from)
        .param("c", collection)
        .param("zone", zone.getId())
        .param("hours", ROUND_THE_CLOCK)
        .query(
            row -> {
              all.put(
                  new SensorService.Stand(
                      row.getLong("place_id"), row.getObject("spot_id", Long.class)),
                  row.getDouble("mean"));
            });
    return all;
  }

  private static Lately lately(ResultSet row, int n) throws SQLException {
    return new Lately(
        row.getLong("place_id"),
        Gauge.values()[row.getInt("gauge")],
        row.getDouble("mean"),
        row.getDouble("low"),
        row.getDouble("high"),
        row.getInt("days"));
  }

  /** The mean of a day at a place. */
  record OfDay(long place, Gauge gauge, LocalDate day, double mean) {}

  /** Warmth and humidity of all places of a collection, day by day from one on. */
  List<OfDay> byDay(long collection, LocalDate from) {
    return jdbc.sql(
            "select p.place_id, d.gauge, d.day, sum(d.total) / sum(d.n) as mean"
                + " from device_place p join air_day d on d.device_id = p.device_id"
                + " and d.gauge in (0, 1) and d.day >= greatest(p.since::date, :from)"
                + " and (p.until is null or d.day <= p.until::date)"
                + " where p.collection_id = :c group by 1, 2, 3")
        .param("from", from)
        .param("c", collection)
        .query(
            (row, n) ->
                new OfDay(
                    row.getLong("place_id"),
                    Gauge.values()[row.getInt("gauge")],
                    row.getObject("day", LocalDate.class),
                    row.getDouble("mean")))
        .list();
  }

  /** The coldest of a day at a place. */
  record Low(long place, LocalDate day, double low) {}

  /** Of all places of a collection, day by day from one on. */
  List<Low> lows(long collection, LocalDate from) {
    return jdbc.sql(
            "select p.place_id, d.day, min(d.low) as low"
                + " from device_place p join air_day d on d.device_id = p.device_id"
                + " and d.gauge = :gauge and d.day >= greatest(p.since::date, :from)"
                + " and (p.until is null or d.day <= p.until::date)"
                + " where p.collection_id = :c group by 1, 2")
        .param("gauge", Gauge.TEMPERATURE.ordinal())
        .param("from", from)
        .param("c", collection)
        .query(
            (row, n) ->
                new Low(
                    row.getLong("place_id"),
                    row.getObject("day", LocalDate.class),
                    row.getDouble("low")))
        .list();
  }

  /** When a device was last heard of, and whether it has shown one value only for a day. */
  record Heard(long device, Instant last, boolean stuck) {}

  List<Heard> heard(long collection, LocalDate today) {
    return jdbc.sql(
            "select d.id, (select max(hour) from air_hour h where h.device_id = d.id) as last,"
                + " exists (select 1 from air_day a where a.device_id = d.id and a.day = :day"
                + " and a.n >= 12 and a.low = a.high) as stuck"
                + " from device d where d.collection_id = :c")
        .param("day", today.minusDays(1))
        .param("c", collection)
        .query(
            (row, n) -> {
              OffsetDateTime last = row.getObject("last", OffsetDateTime.class);
              return new Heard(
                  row.getLong("id"),
                  last == null ? null : last.toInstant(),
                  row.getBoolean("stuck"));
            })
        .list();
  }

  /** Has pages of a collection written anew. */
  void touch(long collection) {
    jdbc.sql(
            "update collection_pulse set pulse = txid_current()"
                + " where collection_id = :c and pulse <> txid_current()")
        .param("c", collection)
        .update();
  }

  /**
   * Deletes single readings that are older than their collection keeps, while sums stay, and files
   * that nobody agreed to.
   */
  int thin(Instant now) {
    jdbc.sql("delete from logger_file where opened < :old")
        .param("old", now.minus(FILES_WAIT).atOffset(ZoneOffset.UTC))
        .update();
    return jdbc.sql(
            "delete from air_reading r using device d, collection c where r.device_id = d.id"
                + " and d.collection_id = c.id"
                + " and r.at < cast(:now as timestamptz) - make_interval(days => c.keep_days)")
        .param("now", now.atOffset(ZoneOffset.UTC))
        .update();
  }
}
