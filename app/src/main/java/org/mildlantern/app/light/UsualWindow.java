package org.mildlantern.app.light;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.light.Outside;
import org.mildlantern.core.light.Trust;
import org.mildlantern.core.season.LightClass;

/**
 * The window that is taken for a place of whose light only a word is known, until it is drawn: one
 * of a usual direction, with the leaves so far from it, or under so much cloth, that the mean day
 * of a year is what the word means.
 */
final class UsualWindow {
  private static final double NORTH = 0;
  private static final double EAST = 90;
  private static final double SOUTH = 180;

  /** Any year will do. */
  private static final int YEAR = 2025;

  private static final int[] MONTHS = {3, 6, 9, 12};

  /**
   * Distances from the pane, cm, and shares that a cloth lets through, %, from which one is taken.
   */
  private static final int FEWEST = 12;

  private static final double STEP = 1.15;
  private static final int STEPS = 26;

  private static final Map<Key, WindowForm> KNOWN = new ConcurrentHashMap<>();

  private record Key(LightClass word, boolean outdoors, long latitude) {}

  private UsualWindow() {}

  static WindowForm of(LightClass word, boolean outdoors, double latitude) {
    return KNOWN.computeIfAbsent(new Key(word, outdoors, Math.round(latitude)), UsualWindow::find);
  }

  private static WindowForm find(Key key) {
    return candidates(key).stream()
        .min(
            Comparator.comparingDouble(
                form -> Math.abs(Math.log(mean(form, key) / key.word().meanDli()))))
        .orElseThrow();
  }

  private static List<WindowForm> candidates(Key key) {
    double sunny = key.latitude() < 0 ? NORTH : SOUTH;
    DoubleStream steps =
        IntStream.range(0, STEPS).mapToDouble(n -> Math.round(FEWEST * Math.pow(STEP, n)));
    if (key.outdoors()) {
      return DoubleStream.concat(DoubleStream.of(100), steps.filter(passes -> passes < 100))
          .mapToObj(passes -> form(sunny, 0, Outside.FAR, passes == 100 ? null : passes))
          .toList();
    }
    return steps
        .mapToObj(
            away ->
                switch (key.word()) {
                  case LOW -> form(sunny == SOUTH ? NORTH : SOUTH, away, Outside.STREET, null);
                  case MEDIUM -> form(EAST, away, Outside.STREET, null);
                  case BRIGHT -> form(sunny, away, Outside.FAR, null);
                  case SUN -> form(sunny, away, Outside.OPEN, null);
                })
        .toList();
  }

  private static double mean(WindowForm form, Key key) {
    Drawn drawn = new Drawn(form, RoomForm.EMPTY, List.of(), List.of(), true);
    LitPlace lit =
        new LitPlace(
            key.outdoors(),
            drawn,
            LitPlace.At.usual(drawn),
            key.latitude(),
            ClimateYear.at(key.latitude()),
            ZoneOffset.UTC);
    return IntStream.of(MONTHS)
        .mapToDouble(month -> lit.on(LocalDate.of(YEAR, month, 15), Trust.BY_WORD).dli())
        .average()
        .orElseThrow();
  }

  private static WindowForm form(double faces, double distance, Outside outside, Double passes) {
    return new WindowForm(
        faces,
        distance,
        outside,
        null,
        null,
        null,
        null,
        new BlindForm(passes, null, null),
        null,
        null,
        null,
        null);
  }
}
