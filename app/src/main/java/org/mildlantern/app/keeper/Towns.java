package org.mildlantern.app.keeper;

import com.ibm.icu.util.LocaleData;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.words.Units;

/** The towns that stand for the time zones of the world, with where on earth they lie. */
public final class Towns {
  private static final Pattern DEGREES =
      Pattern.compile("([+-])(\\d{2})(\\d{2})(?:\\d{2})?[+-]\\d+");

  private static final List<Town> ALL = read();

  private Towns() {}

  /**
   * A town.
   *
   * @param name with its country
   * @param latitude degrees, north positive
   * @param country its two letters (ISO 3166)
   */
  public record Town(String name, double latitude, String zone, String country) {
    /** The units that are usual there (CLDR). */
    Units units() {
      return LocaleData.getMeasurementSystem(new ULocale("", country))
              == LocaleData.MeasurementSystem.US
          ? Units.CUSTOMARY
          : Units.METRIC;
    }
  }

  /** All of them by name. */
  public static List<Town> all() {
    return ALL;
  }

  public static Optional<Town> named(String name) {
    return ALL.stream().filter(town -> town.name().equalsIgnoreCase(name.strip())).findFirst();
  }

  /** The town of a time zone, whichever of its names a browser uses. */
  public static Optional<Town> ofZone(String zone) {
    String canonical = TimeZone.getCanonicalID(zone);
    return canonical == null
        ? Optional.empty()
        : ALL.stream()
            .filter(town -> canonical.equals(TimeZone.getCanonicalID(town.zone())))
            .findFirst();
  }

  private static List<Town> read() {
    try (InputStream in = Towns.class.getResourceAsStream("/keeper/towns.tab")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.startsWith("#"))
          .map(line -> line.split("\t"))
          .filter(part -> ZoneId.getAvailableZoneIds().contains(part[2]))
          .map(part -> town(part[0], part[1], part[2]))
          .sorted(Comparator.comparing(Town::name))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Town town(String country, String place, String zone) {
    Matcher degrees = DEGREES.matcher(place);
    if (!degrees.matches()) {
      throw new IllegalStateException("towns.tab: " + place);
    }
    double latitude =
        Integer.parseInt(degrees.group(2)) + Integer.parseInt(degrees.group(3)) / 60.0;
    String city = zone.substring(zone.lastIndexOf('/') + 1).replace('_', ' ');
    String land = new Locale("", country).getDisplayCountry(Locale.ENGLISH);
    return new Town(
        city + ", " + land,
        Math.round((degrees.group(1).equals("-") ? -latitude : latitude) * 10) / 10.0,
        zone,
        country);
  }
}
