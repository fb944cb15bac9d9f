package org.mildlantern.app.light;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.light.Lamp;
import org.mildlantern.core.light.LitSpot;
import org.mildlantern.core.light.Opening;
import org.mildlantern.core.light.Outside;
import org.mildlantern.core.light.Setting;
import org.mildlantern.core.light.Skyline;
import org.mildlantern.core.light.Spot;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.light.Trust;
import org.mildlantern.core.round.PlaceKind;

/**
 * A place as it is lit, on any day: behind its window or under the open sky, with trees outside in
 * leaf and bare.
 */
final class LitPlace {
  /** A usual window of a room, m. Rules of thumb. */
  private static final double WIDTH = 1.4;

  private static final double HEIGHT = 1.3;
  private static final double SILL = 0.9;

  /** Leaves of a pot on the sill. */
  private static final double ABOVE_SILL = 0.2;

  /** Width of the light of a lamp whose beam is not known, degrees. */
  private static final double BEAM = 120;

  /** How well a meter or a phone tells light. Rule of thumb. */
  private static final double READING_ERROR = 0.25;

  private final WindowForm form;
  private final boolean outdoors;
  private final double latitude;
  private final ZoneId zone;
  private final LitSpot inLeaf;
  private final LitSpot bare;

  LitPlace(PlaceView place, WindowForm form, double latitude, ZoneId zone) {
    this.form = form;
    this.outdoors = place.kind() == PlaceKind.OUTDOOR;
    this.latitude = latitude;
    this.zone = zone;
    this.inLeaf = new LitSpot(setting(skyline(false)));
    this.bare = form.outside() == Outside.TREES ? new LitSpot(setting(skyline(true))) : inLeaf;
  }

  boolean outdoors() {
    return outdoors;
  }

  Skyline skyline(boolean leafless) {
    return outdoors
        ? form.outside().around(leafless)
        : form.outside().before(form.faces(), leafless);
  }

  /** Its window, a usual one where nothing was said of it. */
  Opening window() {
    return new Opening(
        form.faces(),
        metres(form.width(), WIDTH),
        metres(form.height(), HEIGHT),
        metres(form.sill(), SILL),
        form.glass() == null ? Glass.DOUBLE : form.glass(),
        Opening.Over.NONE,
        passes());
  }

  Spot spot() {
    double sill = metres(form.sill(), SILL);
    return new Spot(form.distance() / 100, 0, metres(form.leaves(), sill + ABOVE_SILL));
  }

  private double passes() {
    return form.passes() == null ? 1 : form.passes() / 100;
  }

  private static double metres(Double cm, double usual) {
    return cm == null ? usual : cm / 100;
  }

  private Setting setting(Skyline skyline) {
    List<Lamp> lamps =
        form.lampPpf() == null
            ? List.of()
            : List.of(new Lamp(form.lampPpf(), BEAM, form.lampDistance() / 100, form.lampHours()));
    return outdoors
        ? new Setting(true, passes(), List.of(), skyline, spot(), lamps)
        : new Setting(false, 1, List.of(window()), skyline, spot(), lamps);
  }

  private LitSpot spotOn(LocalDate day) {
    return Outside.isBare(day, latitude) ? bare : inLeaf;
  }

  /** The light of the mean day of a season. */
  SpotLight on(LocalDate day, Trust trust) {
    return spotOn(day).on(day, latitude, trust);
  }

  /** What can be trusted after the readings, the first first. */
  Trust trust(List<LightReading> readings) {
    Trust trust = outdoors ? Trust.OUTDOORS : form.drawn() ? Trust.DRAWN : Trust.GUESSED;
    for (LightReading reading : readings) {
      double expected = expected(reading.at(), reading.sky());
      if (expected > 0) {
        trust = trust.after(expected, reading.ppfd(), READING_ERROR);
      }
    }
    return trust;
  }

  /** What would be read at a moment if nothing had been read before, µmol/m²/s, without lamps. */
  double expected(Instant at, SpotLight.Sky sky) {
    LocalDate day = LocalDate.ofInstant(at, zone);
    return spotOn(day).at(day, solarHour(at), latitude, sky, new Trust(1, 1));
  }

  /** Solar time, taken as the standard time of the zone: right to within half an hour or so. */
  private double solarHour(Instant at) {
    ZoneOffset standard = zone.getRules().getStandardOffset(at);
    return at.atOffset(standard).toLocalTime().toSecondOfDay() / 3600.0;
  }

  /** Solar time as the clock shows it that day, in minutes of the day. */
  int clock(LocalDate day, double solarHour) {
    Instant noon = day.atTime(12, 0).atZone(zone).toInstant();
    long summer = zone.getRules().getDaylightSavings(noon).toMinutes();
    return (int) Math.round(solarHour * 60 + summer);
  }
}
