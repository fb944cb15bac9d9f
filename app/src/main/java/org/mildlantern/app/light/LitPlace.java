package org.mildlantern.app.light;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.light.Lamp;
import org.mildlantern.core.light.LitSpot;
import org.mildlantern.core.light.Outside;
import org.mildlantern.core.light.Setting;
import org.mildlantern.core.light.Skyline;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.light.SunYear;
import org.mildlantern.core.light.Trust;

/**
 * A stand of a place as it is lit, on any day: behind its windows or under the open sky, with trees
 * outside in leaf and bare.
 */
final class LitPlace {
  /** How well a meter or a phone tells light. Rule of thumb. */
  private static final double READING_ERROR = 0.25;

  /**
   * Where leaves are.
   *
   * @param shade share of light that a cloth lets through outdoors
   */
  record At(FloorPlan.Point point, double shade, List<Lamp> lamps) {
    static At usual(Drawn drawn) {
      WindowForm window = drawn.window();
      return new At(drawn.usual(), window.blind().share(), window.lamp().lamps());
    }

    /** Photons of its lamps, µmol/m²/s. */
    double lampPpfd() {
      return lamps.stream().filter(lamp -> lamp.hours() > 0).mapToDouble(Lamp::ppfd).sum();
    }

    /** The same with its lamps as readings by night taught. */
    At after(List<LightReading> readings) {
      double expected = lampPpfd();
      List<LightReading> ofLamps = readings.stream().filter(LightReading::ofLamp).toList();
      if (ofLamps.isEmpty() || expected <= 0) {
        return this;
      }
      Trust trust = new Trust(1, lamps.stream().mapToDouble(Lamp::spread).max().orElseThrow());
      for (LightReading reading : ofLamps) {
        trust = trust.after(expected, reading.ppfd(), READING_ERROR);
      }
      Trust taught = trust;
      return new At(point, shade, lamps.stream().map(lamp -> lamp.after(taught)).toList());
    }

    static At spot(Drawn drawn, SpotForm spot) {
      return new At(
          new FloorPlan.Point(
              spot.across() / 100,
              spot.back() / 100,
              spot.height() == null ? drawn.usualHeight() : spot.height() / 100),
          spot.passes() == null ? 1 : spot.passes() / 100,
          spot.lamp().lamps());
    }
  }

  private final Drawn drawn;
  private final At at;
  private final boolean outdoors;
  private final double latitude;
  private final ClimateYear climate;
  private final ZoneId zone;
  private final LitSpot inLeaf;
  private final LitSpot bare;

  LitPlace(
      boolean outdoors, Drawn drawn, At at, double latitude, ClimateYear climate, ZoneId zone) {
    this.climate = climate;
    this.drawn = drawn;
    this.at = at;
    this.outdoors = outdoors;
    this.latitude = latitude;
    this.zone = zone;
    this.inLeaf = new LitSpot(setting(skyline(false)));
    this.bare = hasTrees() ? new LitSpot(setting(skyline(true))) : inLeaf;
  }

  private boolean hasTrees() {
    return drawn.window().outside() == Outside.TREES
        || drawn.skyline().stream().anyMatch(part -> Boolean.TRUE.equals(part.tree()));
  }

  boolean outdoors() {
    return outdoors;
  }

  Drawn drawn() {
    return drawn;
  }

  /** Hours a day that lamps burn over it. */
  double lampHours() {
    return at.lamps().stream().mapToDouble(Lamp::hours).max().orElse(0);
  }

  FloorPlan.Point point() {
    return at.point();
  }

  /** A day without a cloud. */
  SunYear.Clear clear(LocalDate day, Trust trust) {
    return spotOn(day).clear(day, latitude, trust);
  }

  /** What it sees of its windows, the main one first. */
  List<Setting.Seen> windows() {
    return drawn.seenFrom(at.point());
  }

  Skyline skyline(boolean leafless) {
    Outside outside = drawn.window().outside();
    boolean allRound = outdoors || !drawn.further().isEmpty();
    Skyline rest =
        allRound ? outside.around(leafless) : outside.before(drawn.window().faces(), leafless);
    return rest.with(drawn.skyline().stream().map(part -> part.part(leafless)).toList());
  }

  private Setting setting(Skyline skyline) {
    return outdoors
        ? Setting.outdoors(at.shade(), skyline, at.lamps())
        : Setting.behind(windows(), skyline, at.lamps());
  }

  private LitSpot spotOn(LocalDate day) {
    return Outside.isBare(day, latitude) ? bare : inLeaf;
  }

  /** The light of the mean day of a season. */
  SpotLight on(LocalDate day, Trust trust) {
    return spotOn(day).on(day, latitude, climate.clearness(day), trust);
  }

  /** What can be trusted before anything was read. */
  Trust trust() {
    if (drawn.byWord()) {
      return Trust.BY_WORD;
    }
    return outdoors ? Trust.OUTDOORS : drawn.window().drawn() ? Trust.DRAWN : Trust.GUESSED;
  }

  /** What can be trusted after readings made there, the first first. */
  Trust after(Trust before, List<LightReading> readings) {
    Trust trust = before;
    for (LightReading reading : readings) {
      if (reading.ofLamp()) {
        continue;
      }
      double expected = expected(reading.at(), reading.sky());
      if (expected > 0) {
        trust = trust.after(expected, reading.ppfd(), READING_ERROR);
      }
    }
    return trust;
  }

  /** What would be read at a moment if nothing had been read before, µmol/m²/s, without lamps. */
  double expected(Instant when, SpotLight.Sky sky) {
    LocalDate day = LocalDate.ofInstant(when, zone);
    return spotOn(day).at(day, solarHour(when), latitude, sky, new Trust(1, 1));
  }

  /** Solar time, taken as the standard time of the zone: right to within half an hour or so. */
  private double solarHour(Instant when) {
    ZoneOffset standard = zone.getRules().getStandardOffset(when);
    return when.atOffset(standard).toLocalTime().toSecondOfDay() / 3600.0;
  }

  /** Solar time as the clock shows it that day, in minutes of the day. */
  int clock(LocalDate day, double solarHour) {
    Instant noon = day.atTime(12, 0).atZone(zone).toInstant();
    long summer = zone.getRules().getDaylightSavings(noon).toMinutes();
    return (int) Math.round(solarHour * 60 + summer);
  }
}
