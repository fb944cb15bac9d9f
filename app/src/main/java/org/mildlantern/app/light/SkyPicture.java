package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mildlantern.core.light.Opening;
import org.mildlantern.core.light.Outside;
import org.mildlantern.core.light.Setting;
import org.mildlantern.core.light.Skyline;
import org.mildlantern.core.light.Spot;
import org.mildlantern.core.light.Sun;

/**
 * What leaves see of the sky, drawn by direction and height: the sun's way on three days, what
 * stands outside, and the window's edge.
 *
 * @param skyline outline of what stands outside
 * @param window outline of the window, or null outdoors
 */
record SkyPicture(String skyline, String window, List<Way> ways, List<Mark> compass) {
  private static final double WIDTH = 460;
  private static final double HEIGHT = 210;
  private static final double HIGHEST = 75;

  /** Room that the word for a day takes. */
  private static final double LABEL = 54;

  private static final double WIDE = 110;
  private static final double WIDE_OUTDOORS = 150;
  private static final String[] WINDS = {"N", "NE", "E", "SE", "S", "SW", "W", "NW"};

  /** The sun's way on a day; css tells which. */
  record Way(String css, String label, String d, Double labelX, Double labelY, List<Mark> hours) {}

  /** A word at a point. */
  record Mark(String text, double x, double y) {}

  static SkyPicture of(LitPlace place, double latitude, LocalDate today) {
    boolean outdoors = place.outdoors();
    double middle = outdoors ? (latitude < 0 ? 0 : 180) : place.drawn().window().faces();
    double wide = outdoors ? WIDE_OUTDOORS : WIDE;
    boolean bare = Outside.isBare(today, latitude);
    Plane plane = new Plane(middle, wide);
    int year = today.getYear();
    List<Way> ways =
        List.of(
            way("june", "21 Jun", LocalDate.of(year, 6, 21), latitude, plane),
            way("march", "20 Mar", LocalDate.of(year, 3, 20), latitude, plane),
            way("december", "21 Dec", LocalDate.of(year, 12, 21), latitude, plane));
    return new SkyPicture(
        skyline(place.skyline(bare), plane),
        outdoors ? null : window(place.windows().get(0), plane),
        ways,
        compass(plane));
  }

  /** Directions and heights onto the paper. */
  private record Plane(double middle, double wide) {
    double turn(double from) {
      double turn = (from - middle + 540) % 360 - 180;
      return turn < -180 ? turn + 360 : turn;
    }

    double x(double turn) {
      return WIDTH / 2 * (1 + turn / wide);
    }

    double y(double up) {
      return HEIGHT * (1 - up / HIGHEST);
    }

    boolean shows(double turn, double up) {
      return Math.abs(turn) <= wide && up >= 0 && up <= HIGHEST;
    }
  }

  private static Way way(String css, String label, LocalDate day, double latitude, Plane plane) {
    Sun sun = Sun.of(latitude, day);
    StringBuilder d = new StringBuilder();
    List<Mark> hours = new ArrayList<>();
    boolean down = false;
    double bestUp = -1;
    Double labelX = null;
    Double labelY = null;
    for (int step = 0; step <= 24 * 6; step++) {
      double hour = step / 6.0;
      Sun.Position there = sun.at(hour);
      double turn = plane.turn(there.from());
      boolean shown = plane.shows(turn, there.up());
      if (shown) {
        d.append(down ? "L" : "M").append(figure(plane.x(turn))).append(' ');
        d.append(figure(plane.y(there.up())));
        if (step % 12 == 0) {
          hours.add(new Mark(String.valueOf((int) hour), plane.x(turn), plane.y(there.up())));
        }
        if (there.up() > bestUp) {
          bestUp = there.up();
          labelX = Math.min(plane.x(turn), WIDTH - LABEL);
          labelY = plane.y(there.up());
        }
      }
      down = shown;
    }
    return new Way(css, label, d.toString(), labelX, labelY, hours);
  }

  private static String skyline(Skyline skyline, Plane plane) {
    StringBuilder d = new StringBuilder("M0 " + figure(HEIGHT));
    for (double turn = -plane.wide(); turn <= plane.wide(); turn += 2) {
      double up = skyline.up((plane.middle() + turn + 720) % 360);
      d.append('L').append(figure(plane.x(turn))).append(' ').append(figure(plane.y(up)));
    }
    return d.append('L')
        .append(figure(WIDTH))
        .append(' ')
        .append(figure(HEIGHT))
        .append('Z')
        .toString();
  }

  /** The window's edge as it is seen from the leaves: its straight edges bend. */
  private static String window(Setting.Seen seen, Plane plane) {
    Opening window = seen.window();
    Spot spot = seen.from();
    double low = Math.max(0, window.sill() - spot.height());
    double high = window.sill() + window.height() - spot.height();
    double half = window.width() / 2;
    StringBuilder d = new StringBuilder();
    int parts = 16;
    for (int i = 0; i <= parts; i++) {
      point(d, -half + 2 * half * i / parts - spot.side(), high, spot.distance(), plane);
    }
    for (int i = parts; i >= 0; i--) {
      point(d, -half + 2 * half * i / parts - spot.side(), low, spot.distance(), plane);
    }
    return d.append('Z').toString();
  }

  private static void point(StringBuilder d, double x, double z, double away, Plane plane) {
    double turn = Math.toDegrees(Math.atan2(x, away));
    double up = Math.toDegrees(Math.atan2(z, Math.hypot(x, away)));
    d.append(d.isEmpty() ? 'M' : 'L')
        .append(figure(plane.x(Math.max(-plane.wide(), Math.min(plane.wide(), turn)))))
        .append(' ')
        .append(figure(plane.y(Math.max(0, Math.min(HIGHEST, up)))));
  }

  private static List<Mark> compass(Plane plane) {
    List<Mark> marks = new ArrayList<>();
    for (int i = 0; i < WINDS.length; i++) {
      double turn = plane.turn(i * 45);
      if (Math.abs(turn) < plane.wide() - 4) {
        marks.add(new Mark(WINDS[i], plane.x(turn), HEIGHT + 18));
      }
    }
    return marks;
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
