package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.util.Map;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.sensors.Measured;
import org.mildlantern.app.sensors.SensorService;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.core.air.Nights;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.StageOdds;
import org.springframework.stereotype.Component;

/**
 * How cold nights are where plants stand: as read of late, else as the place and its season are.
 */
@Component
public class PlaceNights {
  private static final int LATE_DAYS = 14;

  private final SensorService sensors;
  private final ClimateService climate;
  private final CollectionMemo memo;
  private final Scope scope;

  PlaceNights(SensorService sensors, ClimateService climate, CollectionMemo memo, Scope scope) {
    this.memo = memo;
    this.sensors = sensors;
    this.climate = climate;
    this.scope = scope;
  }

  /** Coldest of the nights that were read at a place, by day, °C. */
  Map<LocalDate, Double> read(PlaceView place) {
    return sensors.lows().getOrDefault(place.id(), Map.of());
  }

  /** What nights usually are there now, °C. */
  public double usual(PlaceView place) {
    return memo.once("usual-night-" + place.id(), () -> late(place));
  }

  private double late(PlaceView place) {
    LocalDate since = scope.today().minusDays(LATE_DAYS);
    return read(place).entrySet().stream()
        .filter(night -> night.getKey().isAfter(since))
        .mapToDouble(Map.Entry::getValue)
        .average()
        .orElseGet(() -> asNoted(place));
  }

  private double asNoted(PlaceView place) {
    if (place.kind() == PlaceKind.OUTDOOR) {
      return climate.here().night(scope.today());
    }
    double heated = place.warmth() - Nights.HEATED_ROOM;
    Double coldest = place.surroundings().coldest();
    return coldest == null ? heated : (Math.min(heated, coldest) + heated) / 2;
  }

  /** Mean warmth there now, °C. */
  public double warmth(PlaceView place) {
    Double read = sensors.measured().getOrDefault(place.id(), Measured.NOTHING).temperature();
    return read != null
        ? read
        : place.kind() == PlaceKind.OUTDOOR
            ? climate.here().air(scope.today()).celsius()
            : place.warmth();
  }

  /** Relative humidity there, %, as read, else as noted; null where nobody said. */
  public Double humidity(PlaceView place) {
    Double read = sensors.measured().getOrDefault(place.id(), Measured.NOTHING).humidity();
    return read == null ? place.humidity() : read;
  }

  StageOdds.Place at(PlaceView place) {
    return new StageOdds.Place(usual(place), warmth(place));
  }
}
