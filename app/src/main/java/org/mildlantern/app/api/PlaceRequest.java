package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.core.air.Air;
import org.mildlantern.core.air.Room;
import org.mildlantern.core.light.Blind;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.light.Lamp;
import org.mildlantern.core.light.Opening;
import org.mildlantern.core.light.Setting;
import org.mildlantern.core.light.Skyline;
import org.mildlantern.core.light.Spot;

/** Reads what is asked of the light or the air of a place. */
final class PlaceRequest extends JsonFields {
  private static final int MOST_WINDOWS = 12;
  private static final int MOST_PARTS = 200;
  private static final int MOST_LAMPS = 20;
  private static final int MOST_DAYS = 400;

  /** What is asked of light. */
  record OfLight(Setting setting, double latitude, List<LocalDate> days) {}

  /**
   * What is asked of air.
   *
   * @param air or null when a room is asked about
   */
  record OfAir(Air air, Room room, Air outdoor, Double celsius, Double target) {}

  OfLight light(JsonNode body) {
    requireObject(body);
    unknownFields(
        body,
        "$",
        Set.of("latitude", "longitude", "outdoors", "windows", "skyline", "spot", "lamps", "days"));
    double latitude = needed(body, "latitude", "$", -90, 90);
    number(body.get("longitude"), "$.longitude", -180.0, 180.0);
    boolean outdoors = yes(body.get("outdoors"), "$.outdoors");
    List<Opening> windows = windows(body.get("windows"));
    Skyline skyline = skyline(body.get("skyline"));
    Spot spot = spot(body.get("spot"), outdoors || windows.isEmpty());
    List<Lamp> lamps = lamps(body.get("lamps"));
    List<LocalDate> days = days(body.get("days"));
    throwFaults();
    List<Setting.Seen> seen = windows.stream().map(w -> new Setting.Seen(w, spot)).toList();
    return new OfLight(new Setting(outdoors, 1, seen, skyline, lamps), latitude, days);
  }

  private boolean yes(JsonNode node, String path) {
    if (node == null || node.isNull()) {
      return false;
    }
    if (!node.isBoolean()) {
      fault(path, "true or false is expected");
    }
    return node.asBoolean();
  }

  private boolean isObject(JsonNode node, String path) {
    if (node == null || !node.isObject()) {
      fault(path, "an object is expected");
      return false;
    }
    return true;
  }

  private List<Opening> windows(JsonNode list) {
    List<Opening> windows = new ArrayList<>();
    List<JsonNode> given = list(list, "$.windows", MOST_WINDOWS);
    for (int i = 0; i < given.size(); i++) {
      String path = "$.windows[" + i + "]";
      JsonNode node = given.get(i);
      if (isObject(node, path)) {
        unknownFields(node, path, Set.of("faces", "width", "height", "sill", "glass"));
        double faces = needed(node, "faces", path, -360, 360);
        double width = needed(node, "width", path, 0.01, 20);
        double height = needed(node, "height", path, 0.01, 10);
        double sill = number(node.get("sill"), path + ".sill", 0.0, 20.0).orElse(0.9);
        Glass glass = glass(node.get("glass"), path + ".glass");
        windows.add(
            made(
                path,
                () ->
                    new Opening(
                        (faces + 360) % 360,
                        width,
                        height,
                        sill,
                        glass,
                        Opening.Over.NONE,
                        Blind.NONE)));
      }
    }
    return windows.stream().filter(Objects::nonNull).toList();
  }

  private Glass glass(JsonNode node, String path) {
    Optional<String> given = text(node, path);
    List<String> known = new ArrayList<>();
    for (Glass glass : Glass.values()) {
      String name = glass.name().toLowerCase(Locale.ROOT).replace('_', '-');
      known.add(name);
      if (given.isPresent() && given.get().equals(name)) {
        return glass;
      }
    }
    given.ifPresent(word -> unknown(path, word, known));
    return Glass.DOUBLE;
  }

  private Skyline skyline(JsonNode list) {
    List<Skyline.Part> parts = new ArrayList<>();
    List<JsonNode> given = list(list, "$.skyline", MOST_PARTS);
    for (int i = 0; i < given.size(); i++) {
      String path = "$.skyline[" + i + "]";
      JsonNode node = given.get(i);
      if (isObject(node, path)) {
        unknownFields(node, path, Set.of("from", "to", "up"));
        parts.add(
            new Skyline.Part(
                needed(node, "from", path, -360, 360),
                needed(node, "to", path, -360, 720),
                needed(node, "up", path, 0, 90),
                0));
      }
    }
    return new Skyline(parts);
  }

  private Spot spot(JsonNode node, boolean anywhere) {
    if (anywhere && (node == null || node.isNull())) {
      return new Spot(0, 0, 1);
    }
    if (!isObject(node, "$.spot")) {
      return null;
    }
    unknownFields(node, "$.spot", Set.of("distance", "side", "height"));
    double distance = needed(node, "distance", "$.spot", 0, 30);
    double side = number(node.get("side"), "$.spot.side", -20.0, 20.0).orElse(0.0);
    double height = number(node.get("height"), "$.spot.height", 0.0, 20.0).orElse(1.0);
    return new Spot(distance, side, height);
  }

  private List<Lamp> lamps(JsonNode list) {
    List<Lamp> lamps = new ArrayList<>();
    List<JsonNode> given = list(list, "$.lamps", MOST_LAMPS);
    for (int i = 0; i < given.size(); i++) {
      String path = "$.lamps[" + i + "]";
      JsonNode node = given.get(i);
      if (isObject(node, path)) {
        unknownFields(node, path, Set.of("ppf", "beam", "distance", "hours"));
        double ppf = needed(node, "ppf", path, 0, 10_000);
        double beam = number(node.get("beam"), path + ".beam", 5.0, 360.0).orElse(120.0);
        double distance = needed(node, "distance", path, 0.02, 20);
        double hours = needed(node, "hours", path, 0, 24);
        lamps.add(new Lamp(ppf, beam, distance, hours));
      }
    }
    return lamps;
  }

  private List<LocalDate> days(JsonNode list) {
    if (list == null || list.isNull()) {
      fault("$.days", "is needed");
    }
    List<LocalDate> days = new ArrayList<>();
    List<JsonNode> given = list(list, "$.days", MOST_DAYS);
    for (int i = 0; i < given.size(); i++) {
      day(given.get(i), "$.days[" + i + "]").ifPresent(days::add);
    }
    return days;
  }

  OfAir air(JsonNode body) {
    requireObject(body);
    boolean ofRoom = body.has("room") || body.has("outdoor") || body.has("target");
    unknownFields(
        body,
        "$",
        ofRoom
            ? Set.of("room", "outdoor", "temperature", "target")
            : Set.of("temperature", "humidity"));
    double celsius = needed(body, "temperature", "$", -50, 60);
    if (!ofRoom) {
      double humidity = needed(body, "humidity", "$", 0, 100);
      Air air = isSound() ? made("$.humidity", () -> new Air(celsius, humidity)) : null;
      throwFaults();
      return new OfAir(air, null, null, celsius, null);
    }
    Room room = null;
    if (isObject(body.get("room"), "$.room")) {
      JsonNode node = body.get("room");
      unknownFields(node, "$.room", Set.of("volume", "airChanges"));
      double volume = needed(node, "volume", "$.room", 0.01, 100_000);
      double changes = needed(node, "airChanges", "$.room", 0.001, 100);
      room = new Room(volume, changes);
    }
    Air outdoor = null;
    if (isObject(body.get("outdoor"), "$.outdoor")) {
      JsonNode node = body.get("outdoor");
      unknownFields(node, "$.outdoor", Set.of("temperature", "humidity"));
      double warmth = needed(node, "temperature", "$.outdoor", -50, 60);
      double humidity = needed(node, "humidity", "$.outdoor", 0, 100);
      outdoor = isSound() ? made("$.outdoor.humidity", () -> new Air(warmth, humidity)) : null;
    }
    Double target = body.has("target") ? Double.valueOf(needed(body, "target", "$", 1, 100)) : null;
    throwFaults();
    return new OfAir(null, room, outdoor, celsius, target);
  }
}
