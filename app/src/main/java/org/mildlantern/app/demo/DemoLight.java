package org.mildlantern.app.demo;

import java.util.List;
import java.util.Map;
import java.util.function.ToLongFunction;
import org.springframework.stereotype.Component;

/** The demo’s windows, rooms, stands, air and the devices in it. */
@Component
class DemoLight {
  /** Keys of the sheet, and the columns that they fill. */
  private static final Map<String, String> OF_LIGHT =
      Map.ofEntries(
          Map.entry("width", "width"),
          Map.entry("height", "height"),
          Map.entry("sill", "sill"),
          Map.entry("leaves", "leaves"),
          Map.entry("roomWidth", "room_width"),
          Map.entry("roomDepth", "room_depth"),
          Map.entry("along", "along"),
          Map.entry("holds", "holds"),
          Map.entry("passes", "passes"),
          Map.entry("drawnFrom", "drawn_from"),
          Map.entry("drawnTo", "drawn_to"),
          Map.entry("ppf", "lamp_ppf"),
          Map.entry("lampDistance", "lamp_distance"),
          Map.entry("hours", "lamp_hours"));

  private static final Map<String, String> OF_STAND =
      Map.of(
          "across", "across",
          "back", "back",
          "height", "height",
          "holds", "holds",
          "ppf", "ppf",
          "lampDistance", "lamp_distance",
          "hours", "lamp_hours");

  private static final Map<String, String> OF_WINDOW =
      Map.of("along", "along", "width", "width", "height", "height", "sill", "sill");

  private final DemoRows rows;

  DemoLight(DemoRows rows) {
    this.rows = rows;
  }

  void furnish(Sheet demo, Map<String, Long> places) {
    for (Sheet light : demo.list("lights")) {
      light(light, places.get(light.text("place")));
    }
    for (Sheet window : demo.list("windows")) {
      figures(window, OF_WINDOW, rows.row("place_window"))
          .with("place_id", places.get(window.text("place")))
          .with("wall", window.text("wall"))
          .save();
    }
    for (Sheet thing : demo.list("things")) {
      rows.row("place_thing")
          .with("place_id", places.get(thing.text("place")))
          .with("kind", thing.text("kind"))
          .with("wall", thing.text("wall"))
          .with("along", thing.number("along"))
          .save();
    }
    for (Sheet part : demo.list("skyline")) {
      rows.row("place_skyline")
          .with("place_id", places.get(part.text("place")))
          .with("begins", part.number("begins"))
          .with("ends", part.number("ends"))
          .with("up", part.number("up"))
          .with("tree", part.has("tree"))
          .save();
    }
    for (Sheet device : demo.list("devices")) {
      long id =
          rows.row("device")
              .with("key", device.text("key"))
              .with("name", device.text("name"))
              .save();
      rows.row("device_place")
          .with("device_id", id)
          .with("place_id", places.get(device.text("place")))
          .with("since", rows.at(device.days("since"), 0))
          .save();
    }
    for (Sheet air : demo.list("airs")) {
      figures(
              air,
              Map.of("volume", "volume", "watts", "watts", "glass", "glass"),
              rows.row("place_air"))
          .with("place_id", places.get(air.text("place")))
          .with("airing", air.text("airing"))
          .save();
    }
  }

  private void light(Sheet light, long place) {
    figures(light, OF_LIGHT, rows.row("place_light"))
        .with("place_id", place)
        .with("faces", light.number("faces"))
        .with("distance", light.number("distance"))
        .with("outside", light.text("outside"))
        .save();
    if (light.has("ppfd")) {
      rows.row("light_reading")
          .with("place_id", place)
          .with("at", rows.at(light.days("read"), 12))
          .with("ppfd", light.number("ppfd"))
          .with("words", light.text("words"))
          .with("sky", light.text("sky"))
          .save();
    }
  }

  private static DemoRows.Row figures(Sheet from, Map<String, String> columns, DemoRows.Row row) {
    columns.forEach(
        (key, column) -> {
          if (from.has(key)) {
            row.with(column, from.number(key));
          }
        });
    return row;
  }

  /** The stands of rooms, with the plants on them by their codes. */
  void stands(Sheet demo, Map<String, Long> places, ToLongFunction<String> plants) {
    for (Sheet stand : demo.list("stands")) {
      long spot =
          figures(stand, OF_STAND, rows.row("place_spot"))
              .with("place_id", places.get(stand.text("place")))
              .with("name", stand.text("name"))
              .save();
      for (Object code : (List<?>) stand.get("plants", List.of())) {
        rows.row("standing")
            .with("plant_id", plants.applyAsLong(code.toString()))
            .with("spot_id", spot)
            .save();
      }
    }
  }
}
