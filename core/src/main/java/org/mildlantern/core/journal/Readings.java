package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/** Figures read from instruments: light, air, water, run-off. */
public record Readings(List<Reading> readings) implements Note {
  private static final Words WORDS = Words.of(Readings.class);

  static final Grammar GRAMMAR =
      Grammar.of(
          "humidity|rh|temperature|temp|lux|light|ppfd|ph|ec|tds|ppm|conductivity|run-?off|leachate"
              + "|tap|rain|[-−+]?\\d+(?:[.,]\\d+)?\\s*(?:%|°\\s*[cf]|k?lux|lx|ppm|[mdu]s/[cm]m?|[mµμ]s|[uµμ]mol)",
          "lux 3200|humidity 45 %|run-off 850 µS, pH 5.9", Readings::read);

  /** What is measured; {@link Reading#value} is in its unit. */
  public enum Quantity {
    LUX("lux"),
    PPFD("µmol/m²/s"),
    HUMIDITY("% humidity"),
    TEMPERATURE("°C"),
    DISSOLVED("ppm"),
    CONDUCTIVITY("mS/cm"),
    PH("pH");

    private final String unit;

    Quantity(String unit) {
      this.unit = unit;
    }
  }

  /** What it was measured of. */
  public enum Where {
    PLACE,
    WATER,
    RUN_OFF
  }

  /** One figure in the unit of its quantity. */
  public record Reading(Quantity quantity, Where where, double value) {
    String words() {
      return WORDS.say(
          "reading", quantity.name(), where.name(), Figures.plain(value), quantity.unit);
    }
  }

  private static final Set<String> PH = Set.of("ph");
  private static final Set<String> LUX = Set.of("lux");
  private static final Set<String> PPFD = Set.of("ppfd");
  private static final Set<String> HUMIDITY = Set.of("humidity", "rh");
  private static final Set<String> PPM = Set.of("tds", "ppm");
  private static final Set<String> EC = Set.of("ec", "conductivity");
  private static final double MOST_BARE_EC = 10;

  public Readings {
    readings = List.copyOf(readings);
    if (readings.isEmpty()) {
      throw new IllegalArgumentException("readings: at least one");
    }
  }

  @Override
  public NoteKind kind() {
    return NoteKind.READ;
  }

  @Override
  public List<String> figures() {
    return readings.stream().map(Reading::words).toList();
  }

  static Note read(Line line, Setting setting) {
    Where water =
        line.says("run-?off|leachate|drain(?:age|ed)?")
            ? Where.RUN_OFF
            : line.says("water|tap|rain|ro|tds|ec|ppm|ph|ms|[uµμ]s") ? Where.WATER : Where.PLACE;
    List<Reading> found = new ArrayList<>();
    add(found, Quantity.PH, water, ph(line), 0, 14);
    add(found, Quantity.LUX, Where.PLACE, either(line, Dimension.LUX, LUX, 200_000), 0, 200_000);
    add(found, Quantity.PPFD, Where.PLACE, either(line, Dimension.PPFD, PPFD, 3_000), 0, 3_000);
    add(
        found,
        Quantity.HUMIDITY,
        Where.PLACE,
        either(line, Dimension.PERCENT, HUMIDITY, 100),
        0,
        100);
    add(found, Quantity.TEMPERATURE, Where.PLACE, celsius(line), -60, 80);
    add(found, Quantity.DISSOLVED, water, either(line, Dimension.PPM, PPM, 50_000), 0, 50_000);
    add(found, Quantity.CONDUCTIVITY, water, conductivity(line), 0, 100);
    if (found.isEmpty()) {
      if (line.says("^(?:temp|temperature|light|run-?off|ph|ec|tds|lux|humidity)")) {
        line.onlyBare()
            .ifPresent(
                bare -> {
                  throw new IllegalArgumentException(
                      WORDS.say("reading.of-what", Figures.plain(bare)));
                });
      }
      return null;
    }
    return new Readings(found);
  }

  private static void add(
      List<Reading> to, Quantity quantity, Where where, Double value, double least, double most) {
    if (value == null) {
      return;
    }
    if (!(value >= least && value <= most)) {
      throw new IllegalArgumentException(
          WORDS.say(
              "reading.between",
              Figures.plain(least),
              Figures.plain(most),
              quantity == Quantity.PH ? "none" : quantity.unit));
    }
    to.add(new Reading(quantity, where, value));
  }

  private static Double ph(Line line) {
    return Strength.orNull(line.after(PH));
  }

  /** With its unit, or bare behind its name. */
  private static Double either(Line line, Dimension dimension, Set<String> names, double most) {
    Double figure = Strength.orNull(line.figure(dimension, most));
    return figure != null ? figure : Strength.orNull(line.after(names));
  }

  private static Double celsius(Line line) {
    Double celsius = Strength.orNull(line.figure(Dimension.CELSIUS, 80));
    Double fahrenheit = Strength.orNull(line.figure(Dimension.FAHRENHEIT, 176));
    return celsius != null || fahrenheit == null ? celsius : (Double) ((fahrenheit - 32) * 5 / 9);
  }

  /** A bare EC up to ten is in mS/cm; above that it is asked. */
  private static Double conductivity(Line line) {
    Double figure = Strength.orNull(line.figure(Dimension.CONDUCTIVITY, 100));
    if (figure != null) {
      return figure;
    }
    Double bare = Strength.orNull(line.after(EC));
    if (bare != null && bare > MOST_BARE_EC) {
      throw new IllegalArgumentException(WORDS.say("reading.which", Figures.plain(bare)));
    }
    return bare;
  }
}
