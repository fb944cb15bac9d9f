package org.mildlantern.app.sensors;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.sql.Array;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Savepoint;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.LongFunction;
import java.util.function.ToLongFunction;
import org.mildlantern.core.air.Gauge;
import org.postgresql.PGConnection;
import org.postgresql.util.ByteStreamWriter;
import org.postgresql.util.PSQLState;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Takes readings of devices into the database. Those of an hour and of a day are summed up in the
 * transaction that stores them, so that the sums are never behind and survive a fall.
 *
 * <p>Nearly always all readings are new: they are copied in, and summed up here. Where one of them
 * is known, all are sent again by a statement that leaves out what is known and sums up the rest.
 */
@Component
class AirIntake {
  private static final String COPY =
      "copy air_reading (device_id, gauge, at, value) from stdin (format binary)";

  private static final String TAKE =
      """
      with sent as (
        select * from unnest(?::smallint[], ?::timestamptz[], ?::real[]) as s (gauge, at, value)
      ), fresh as (
        insert into air_reading (device_id, gauge, at, value)
        select ?, gauge, at, value from sent on conflict do nothing
        returning device_id, gauge, at, value
      ), hours as (
        insert into air_hour as h (device_id, gauge, hour, n, total, low, high)
        select device_id, gauge, date_trunc('hour', at, 'UTC'), count(*), sum(value), min(value), max(value)
        from fresh group by 1, 2, 3 order by 2, 3
        on conflict (device_id, gauge, hour) do update
        set n = h.n + excluded.n, total = h.total + excluded.total,
          low = least(h.low, excluded.low), high = greatest(h.high, excluded.high)
      ), days as (
        insert into air_day as d (device_id, gauge, day, n, total, low, high)
        select device_id, gauge, (at at time zone ?)::date, count(*), sum(value), min(value), max(value)
        from fresh group by 1, 2, 3 order by 2, 3
        on conflict (device_id, gauge, day) do update
        set n = d.n + excluded.n, total = d.total + excluded.total,
          low = least(d.low, excluded.low), high = greatest(d.high, excluded.high)
      )
      select count(*) from fresh
      """;

  private static final String HOURS =
      """
      insert into air_hour as h (device_id, gauge, hour, n, total, low, high)
      select ?, * from unnest(?::smallint[], ?::timestamptz[], ?::integer[], ?::double precision[],
        ?::real[], ?::real[])
      on conflict (device_id, gauge, hour) do update
      set n = h.n + excluded.n, total = h.total + excluded.total,
        low = least(h.low, excluded.low), high = greatest(h.high, excluded.high)
      """;

  private static final String DAYS =
      HOURS
          .replace("air_hour as h", "air_day as h")
          .replace("hour", "day")
          .replace("timestamptz", "date");

  /** Of the binary form of COPY: a signature, flags and the length of what it does not have. */
  private static final byte[] HEAD = {
    'P', 'G', 'C', 'O', 'P', 'Y', '\n', (byte) 0xFF, '\r', '\n', 0, 0, 0, 0, 0, 0, 0, 0, 0
  };

  private static final long HOUR = 3600;

  private static final int ROW_BYTES = 2 + 4 + 8 + 4 + 2 + 4 + 8 + 4 + 4;

  /** From when the database counts its microseconds. */
  private static final Instant EPOCH = Instant.parse("2000-01-01T00:00:00Z");

  private final JdbcTemplate template;

  AirIntake(JdbcTemplate template) {
    this.template = template;
  }

  /** A reading. */
  record Reading(Gauge gauge, Instant at, double value) {
    Reading {
      at = at.truncatedTo(ChronoUnit.MICROS);
    }

    long micros() {
      return ChronoUnit.MICROS.between(EPOCH, at);
    }
  }

  /**
   * Stores readings of a device, each once.
   *
   * @param zone in which its days are counted
   * @return how many were new
   */
  int take(long device, List<Reading> readings, ZoneId zone) {
    Collection<Reading> once = once(readings);
    Integer stored =
        template.execute((Connection connection) -> take(connection, device, once, zone));
    return stored == null ? 0 : stored;
  }

  private record Key(int gauge, Instant at) {}

  private static Collection<Reading> once(List<Reading> readings) {
    Map<Key, Reading> once = new LinkedHashMap<>(readings.size() * 2);
    for (Reading reading : readings) {
      once.putIfAbsent(new Key(reading.gauge().ordinal(), reading.at()), reading);
    }
    return once.values();
  }

  private static int take(Connection connection, long device, Collection<Reading> once, ZoneId zone)
      throws SQLException {
    Savepoint before = connection.setSavepoint();
    try {
      copy(connection, device, once);
    } catch (SQLException e) {
      if (!PSQLState.UNIQUE_VIOLATION.getState().equals(e.getSQLState())) {
        throw e;
      }
      connection.rollback(before);
      return takeNew(connection, device, once, zone);
    }
    connection.releaseSavepoint(before);
    add(
        connection,
        HOURS,
        device,
        sums(once, r -> Math.floorDiv(r.at().getEpochSecond(), HOUR)),
        hour -> Instant.ofEpochSecond(hour * HOUR));
    add(
        connection,
        DAYS,
        device,
        sums(once, r -> LocalDate.ofInstant(r.at(), zone).toEpochDay()),
        LocalDate::ofEpochDay);
    return once.size();
  }

  private static void copy(Connection connection, long device, Collection<Reading> once)
      throws SQLException {
    ByteBuffer rows = ByteBuffer.allocate(HEAD.length + once.size() * ROW_BYTES + 2);
    rows.put(HEAD);
    for (Reading reading : once) {
      rows.putShort((short) 4).putInt(8).putLong(device);
      rows.putInt(2).putShort((short) reading.gauge().ordinal());
      rows.putInt(8).putLong(reading.micros()).putInt(4).putFloat((float) reading.value());
    }
    rows.putShort((short) -1).flip();
    try {
      connection.unwrap(PGConnection.class).getCopyAPI().copyIn(COPY, ByteStreamWriter.of(rows));
    } catch (IOException e) {
      throw new SQLException("readings could not be sent", e);
    }
  }

  /** Of one gauge over a stretch of time. */
  private static final class Sum {
    private int n;
    private double total;
    private float low = Float.POSITIVE_INFINITY;
    private float high = Float.NEGATIVE_INFINITY;

    void add(float value) {
      n++;
      total += value;
      low = Math.min(low, value);
      high = Math.max(high, value);
    }
  }

  /**
   * A gauge and an hour or a day since 1970. In their order they are added, so that two who add to
   * the same never wait for each other in a ring.
   */
  private record Stretch(int gauge, long number) {}

  private static Map<Stretch, Sum> sums(
      Collection<Reading> readings, ToLongFunction<Reading> number) {
    Map<Stretch, Sum> sums =
        new TreeMap<>(Comparator.comparingInt(Stretch::gauge).thenComparing(Stretch::number));
    for (Reading reading : readings) {
      sums.computeIfAbsent(
              new Stretch(reading.gauge().ordinal(), number.applyAsLong(reading)), s -> new Sum())
          .add((float) reading.value());
    }
    return sums;
  }

  private static void add(
      Connection connection,
      String sql,
      long device,
      Map<Stretch, Sum> sums,
      LongFunction<Object> from)
      throws SQLException {
    Collection<Sum> of = sums.values();
    try (PreparedStatement add = connection.prepareStatement(sql)) {
      add.setLong(1, device);
      add.setArray(
          2, array(connection, "smallint", sums.keySet().stream().map(Stretch::gauge).toArray()));
      add.setArray(
          3,
          array(
              connection,
              "text",
              sums.keySet().stream().map(s -> from.apply(s.number()).toString()).toArray()));
      add.setArray(4, array(connection, "integer", of.stream().map(s -> s.n).toArray()));
      add.setArray(5, array(connection, "float8", of.stream().map(s -> s.total).toArray()));
      add.setArray(6, array(connection, "real", of.stream().map(s -> s.low).toArray()));
      add.setArray(7, array(connection, "real", of.stream().map(s -> s.high).toArray()));
      add.executeUpdate();
    }
  }

  private static Array array(Connection connection, String type, Object[] values)
      throws SQLException {
    return connection.createArrayOf(type, values);
  }

  /** Leaves out what is known. */
  private static int takeNew(
      Connection connection, long device, Collection<Reading> once, ZoneId zone)
      throws SQLException {
    try (PreparedStatement take = connection.prepareStatement(TAKE)) {
      take.setArray(
          1, array(connection, "smallint", once.stream().map(r -> r.gauge().ordinal()).toArray()));
      take.setArray(
          2,
          array(
              connection,
              "timestamptz",
              once.stream().map(r -> r.at().atOffset(ZoneOffset.UTC).toString()).toArray()));
      take.setArray(
          3, array(connection, "real", once.stream().map(r -> (float) r.value()).toArray()));
      take.setLong(4, device);
      take.setString(5, zone.getId());
      try (ResultSet count = take.executeQuery()) {
        count.next();
        return count.getInt(1);
      }
    }
  }
}
