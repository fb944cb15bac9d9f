package org.mildlantern.app.know;

import java.util.List;

/** Pages that are found by what one wants to do. */
enum Shortcut {
  PETS("What is poisonous", "/know/pets", "poison", "toxic", "pets", "cats", "dogs", "children"),
  PLATES(
      "Plates of pests, spots and roots", "/know/plates", "pictures", "plates", "photos of pests"),
  UNITS("Units", "/settings#units-form", "fahrenheit", "celsius", "inches", "ounces", "units"),
  MONTH("The month ahead", "/today/month", "holiday", "vacation", "away", "calendar", "plan"),
  IMPORT(
      "Bring in a list", "/plants/imports/new", "import", "csv", "spreadsheet", "paste", "table"),
  ADD("Add a plant", "/plants/new", "new plant", "enter a plant"),
  LIST("All plants", "/plants", "labels", "print a list", "move many", "log many", "archive"),
  STANDING(
      "Who should stand where", "/places/standing", "more light", "better place", "assign", "swap"),
  WEATHER(
      "The days ahead",
      "/weather",
      "forecast",
      "frost warning",
      "weather",
      "cold night",
      "heat wave",
      "epw"),
  CARRIAGE("Carrying a plant home", "/carriage", "transport", "carry", "wrap", "bring home"),
  DEVICES("Devices", "/devices", "sensor", "thermometer", "hygrometer", "logger", "light meter"),
  MIXING("Mixing", "/mixing", "sprayer", "jug", "dose", "bottle", "dilute", "cabinet"),
  PASSWORD("Your account", "/settings#account", "password", "delete account", "sign out"),
  WHERE("Where you are", "/settings", "time zone", "latitude", "town", "hemisphere");

  private final String label;
  private final String href;
  private final List<String> words;

  Shortcut(String label, String href, String... words) {
    this.label = label;
    this.href = href;
    this.words = List.of(words);
  }

  String label() {
    return label;
  }

  String href() {
    return href;
  }

  List<String> words() {
    return words;
  }
}
