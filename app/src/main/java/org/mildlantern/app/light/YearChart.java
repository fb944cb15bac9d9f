package org.mildlantern.app.light;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.light.SpotLight;

/**
 * The light of a year by months, with its band and what plants wish.
 *
 * @param band outline of where eight in ten lie
 * @param line the middle
 * @param now x of today
 */
record YearChart(
    String band,
    String line,
    List<Tick> ticks,
    List<Tick> months,
    List<WishBand> wishes,
    double now) {
  private static final double LEFT = 34;
  private static final double RIGHT = 452;
  private static final double TOP = 14;
  private static final double BOTTOM = 190;
  private static final String MONTHS = "JFMAMJJASOND";
  private static final double[] STEPS = {0.5, 1, 2, 5, 10, 20};

  /** A word on an axis. */
  record Tick(String text, double at) {}

  /** What plants of a name wish. */
  record WishBand(String label, double top, double height) {}

  /** A wish with whose it is. */
  record Named(String name, LightWish wish) {}

  static YearChart of(List<SpotLight> months, List<Named> wishes, double monthOfToday) {
    double most =
        Math.max(
            months.stream().mapToDouble(SpotLight::high).max().orElse(1),
            wishes.stream().mapToDouble(w -> w.wish().high()).max().orElse(0));
    double step = STEPS[STEPS.length - 1];
    for (double one : STEPS) {
      if (most / one <= 6) {
        step = one;
        break;
      }
    }
    double top = Math.ceil(most / step) * step;
    List<Tick> ticks = new ArrayList<>();
    for (double at = 0; at <= top + 1e-9; at += step) {
      ticks.add(new Tick(at == Math.rint(at) ? String.valueOf((int) at) : "" + at, y(at, top)));
    }
    StringBuilder band = new StringBuilder();
    StringBuilder line = new StringBuilder();
    for (int i = 0; i < months.size(); i++) {
      to(band, x(i), y(months.get(i).high(), top));
      to(line, x(i), y(months.get(i).dli(), top));
    }
    for (int i = months.size() - 1; i >= 0; i--) {
      to(band, x(i), y(months.get(i).low(), top));
    }
    List<Tick> letters = new ArrayList<>();
    for (int i = 0; i < MONTHS.length(); i++) {
      letters.add(new Tick(MONTHS.substring(i, i + 1), x(i)));
    }
    List<WishBand> bands =
        wishes.stream()
            .map(
                w ->
                    new WishBand(
                        w.name() + " " + w.wish().words(),
                        y(w.wish().high(), top),
                        y(w.wish().low(), top) - y(w.wish().high(), top)))
            .toList();
    return new YearChart(band + "Z", line.toString(), ticks, letters, bands, x(monthOfToday));
  }

  private static double x(double month) {
    return LEFT + (RIGHT - LEFT) * month / 11;
  }

  private static double y(double dli, double top) {
    return BOTTOM - (BOTTOM - TOP) * dli / top;
  }

  private static void to(StringBuilder d, double x, double y) {
    d.append(d.isEmpty() ? 'M' : 'L').append(String.format(Locale.ROOT, "%.1f %.1f", x, y));
  }
}
