package org.mildlantern.core.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mildlantern.core.working.Working;

/**
 * A spot with all that lets light in to it, worked out once for all days.
 *
 * <p>Example: on a sill behind double glass that looks east, 53° north, the mean day of December
 * brings 0.8 mol/m², two metres into the room a tenth of it.
 */
public final class LitSpot {
  /** Lower it gives no warmth to speak of. */
  private static final double LOW_SUN = 3;

  /** Light that walls, ceiling and floor throw back. Rule of thumb for a furnished room. */
  private static final double WALLS = 0.5;

  /** All surfaces of a middling room, m². Rule of thumb. */
  private static final double ROOM = 70;

  /** How far a season differs from its usual one. Rule of thumb. */
  private static final double SEASON = 0.15;

  private final Setting setting;
  private final List<SeenSky> skies;

  public LitSpot(Setting setting) {
    this.setting = setting;
    this.skies =
        setting.outdoors()
            ? List.of(SeenSky.outdoors(setting.skyline()))
            : setting.windows().stream()
                .map(w -> SeenSky.through(w.window(), setting.skyline(), w.from()))
                .toList();
  }

  double dli(Daylight light) {
    return light.steps().stream().mapToDouble(step -> watts(step, light.overcast())).sum()
        * Daylight.molOfWatts();
  }

  double watts(Daylight.Step step, double overcast) {
    double beam = step.beam() * setting.skyline().passes(step.sun());
    double rise = Math.sin(Math.toRadians(Math.max(0, step.sun().up())));
    if (setting.outdoors()) {
      SeenSky sky = skies.get(0);
      return setting.shade()
          * (beam * rise + step.sky() * sky.of(overcast) + step.level() * sky.houses());
    }
    double watts = 0;
    for (int i = 0; i < skies.size(); i++) {
      watts += through(setting.windows().get(i), skies.get(i), step, beam, overcast);
    }
    return watts * setting.shade();
  }

  private double through(
      Setting.Seen seen, SeenSky sky, Daylight.Step step, double beam, double overcast) {
    Opening window = seen.window();
    double aside = window.aside(step.sun());
    double glass = aside < 90 ? window.glass().passes(aside) : 0;
    double rise = Math.sin(Math.toRadians(Math.max(0, step.sun().up())));
    double direct =
        !window.glass().scatters() && window.isSeenThrough(seen.from(), step.sun())
            ? beam * rise * glass
            : 0;
    double onPane =
        beam * Math.max(0, Math.cos(Math.toRadians(aside)))
            + step.sky() * sky.front() / 2
            + step.level() * SeenSky.GROUND / 2;
    double enters = onPane * window.glass().straight();
    return window.blind().at(step.at())
        * (direct
            + step.sky() * sky.of(overcast)
            + step.level() * sky.houses()
            + enters * sky.pane()
            + enters * window.area() * WALLS / (ROOM * (1 - WALLS)));
  }

  List<SpotLight.Span> direct(Daylight light) {
    List<SpotLight.Span> spans = new ArrayList<>();
    double half = Daylight.stepHours() / 2;
    for (Daylight.Step step : light.steps()) {
      if (reaches(step)) {
        double from = step.at() - half;
        int last = spans.size() - 1;
        if (last >= 0 && Math.abs(spans.get(last).to() - from) < 1e-6) {
          spans.set(last, new SpotLight.Span(spans.get(last).from(), step.at() + half));
        } else {
          spans.add(new SpotLight.Span(from, step.at() + half));
        }
      }
    }
    return List.copyOf(spans);
  }

  private boolean reaches(Daylight.Step step) {
    return step.sun().up() >= LOW_SUN
        && setting.skyline().passes(step.sun()) >= 0.5
        && (setting.outdoors() || setting.windows().stream().anyMatch(w -> isSunny(w, step)));
  }

  private static boolean isSunny(Setting.Seen seen, Daylight.Step step) {
    return !seen.window().glass().scatters()
        && seen.window().blind().isSunny(step.at())
        && seen.window().isSeenThrough(seen.from(), step.sun());
  }

  /** The light of the mean day of a season, as clear as is usual at the latitude. */
  public SpotLight on(LocalDate day, double latitude, Trust trust) {
    return on(day, latitude, Clearness.of(latitude, day), trust);
  }

  /**
   * The light of the mean day of a season.
   *
   * @param clearness of such days, 0 to 1
   */
  public SpotLight on(LocalDate day, double latitude, double clearness, Trust trust) {
    Daylight mean = Daylight.of(latitude, day, clearness);
    double sky = dli(mean) * trust.factor();
    double lamps = setting.lamps().stream().mapToDouble(Lamp::dli).sum();
    Daylight clear = Daylight.clear(latitude, day);
    double spread = Trust.EIGHT_IN_TEN * Math.hypot(trust.spread(), SEASON);
    double ofLamps =
        Trust.EIGHT_IN_TEN * setting.lamps().stream().mapToDouble(Lamp::spread).max().orElse(0);
    return new SpotLight(
        day,
        sky + lamps,
        sky * Math.exp(-spread) + lamps * Math.exp(-ofLamps),
        sky * Math.exp(spread) + lamps * Math.exp(ofLamps),
        direct(clear),
        peak(clear, trust),
        working(mean, sky, lamps, trust));
  }

  /** A day without a cloud. */
  public SunYear.Clear clear(LocalDate day, double latitude, Trust trust) {
    Daylight clear = Daylight.clear(latitude, day);
    return new SunYear.Clear(
        dli(clear) * trust.factor(),
        direct(clear).stream().mapToDouble(SpotLight.Span::hours).sum(),
        peak(clear, trust));
  }

  private double peak(Daylight clear, Trust trust) {
    return clear.steps().stream().mapToDouble(step -> watts(step, clear.overcast())).max().orElse(0)
            * Daylight.MICROMOL_A_JOULE
            * trust.factor()
        + setting.lamps().stream().filter(lamp -> lamp.hours() > 0).mapToDouble(Lamp::ppfd).sum();
  }

  /**
   * What is expected at a moment, µmol/m²/s, without lamps.
   *
   * @param hour solar time
   */
  public double at(LocalDate day, double hour, double latitude, SpotLight.Sky sky, Trust trust) {
    Daylight light = Daylight.of(latitude, day, sky.clearness);
    return light.steps().stream()
            .filter(step -> Math.abs(step.at() - hour) <= Daylight.stepHours() / 2 + 1e-9)
            .mapToDouble(step -> watts(step, light.overcast()))
            .max()
            .orElse(0)
        * Daylight.MICROMOL_A_JOULE
        * trust.factor();
  }

  private static Working working(Daylight mean, double sky, double lamps, Trust trust) {
    double open = mean.dli();
    return new Working(
        "Light at the spot",
        "light outdoors × share that reaches the spot × what readings taught + lamps",
        List.of(
            new Working.Step("Outdoors in the open", figure(open) + " mol/m² a day"),
            new Working.Step(
                "Share that reaches the spot",
                figure(open > 0 ? sky / trust.factor() / open * 100 : 0) + " %",
                "sun through the glass by its angle, sky and houses seen from the spot, walls"),
            new Working.Step("Readings", "× " + figure(trust.factor()), "1 while nothing was read"),
            new Working.Step("Lamps", figure(lamps) + " mol/m² a day")),
        figure(sky + lamps) + " mol/m² a day",
        "Erbs, Klein & Duffie 1982; Collares-Pereira & Rabl 1979; Hay 1979; Duffie & Beckman 2013;"
            + " McCree 1972");
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, value < 10 ? "%.2f" : "%.0f", value);
  }
}
