package org.mildlantern.app.weather;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.air.Forecast;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the last good forecast for each latitude, half a degree apart. */
@Component
@Transactional
class ForecastStore {
  private static final int MOST_LATITUDES = 300;

  private final JdbcClient jdbc;
  private final ForecastReader reader;

  ForecastStore(JdbcClient jdbc, ForecastReader reader) {
    this.jdbc = jdbc;
    this.reader = reader;
  }

  /** A forecast, and when it was fetched. */
  record Fetched(Forecast forecast, Instant at) {}

  static BigDecimal near(double latitude) {
    return BigDecimal.valueOf(latitude * 2)
        .setScale(0, RoundingMode.HALF_UP)
        .divide(BigDecimal.valueOf(2), 1, RoundingMode.HALF_UP);
  }

  @Transactional(readOnly = true)
  Optional<Fetched> of(double latitude) {
    return jdbc.sql("select issued, fetched, days::text from forecast where latitude = :l")
        .param("l", near(latitude))
        .query(Row.class)
        .optional()
        .map(
            row ->
                new Fetched(
                    new Forecast(row.issued().toInstant(), reader.days(row.days())),
                    row.fetched().toInstant()));
  }

  private record Row(OffsetDateTime issued, OffsetDateTime fetched, String days) {}

  /** Latitudes of collections whose forecast is not younger than an instant. */
  @Transactional(readOnly = true)
  List<BigDecimal> wanted(Instant olderThan) {
    return jdbc.sql(
            "select l from (select distinct round(latitude::numeric * 2) / 2 as l from collection) c"
                + " where not exists (select 1 from forecast f"
                + " where f.latitude = c.l and f.fetched > :old) limit :most")
        .param("old", olderThan.atOffset(ZoneOffset.UTC))
        .param("most", MOST_LATITUDES)
        .query(BigDecimal.class)
        .list();
  }

  /** Keeps a forecast; pages of collections there are written anew. */
  void keep(BigDecimal latitude, Forecast forecast, Instant now) {
    jdbc.sql(
            "insert into forecast (latitude, issued, fetched, days) values (:l, :i, :f, :d::jsonb)"
                + " on conflict (latitude) do update"
                + " set issued = excluded.issued, fetched = excluded.fetched, days = excluded.days")
        .param("l", latitude)
        .param("i", forecast.issued().atOffset(ZoneOffset.UTC))
        .param("f", now.atOffset(ZoneOffset.UTC))
        .param("d", reader.write(forecast.days()))
        .update();
    jdbc.sql(
            "update collection_pulse set pulse = txid_current() where collection_id in"
                + " (select id from collection where round(latitude::numeric * 2) / 2 = :l)")
        .param("l", latitude)
        .update();
  }
}
