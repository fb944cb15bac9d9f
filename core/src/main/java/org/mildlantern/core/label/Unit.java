package org.mildlantern.core.label;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Units that labels print, with the words for them in the languages that labels are read in. */
enum Unit {
  MICROLITRE(Kind.VOLUME, 0.001, "µl", "µl", "ul", "microlitre", "microliter"),
  MILLILITRE(
      Kind.VOLUME,
      1,
      "ml",
      "ml",
      "mls",
      "cc",
      "ccm",
      "cm3",
      "millilitre",
      "milliliter",
      "mililitro",
      "millilitri"),
  CENTILITRE(Kind.VOLUME, 10, "cl", "cl", "centilitre", "centiliter"),
  DECILITRE(Kind.VOLUME, 100, "dl", "dl", "decilitre", "deciliter"),
  LITRE(
      Kind.VOLUME,
      1000,
      "l",
      "l",
      "lt",
      "ltr",
      "ltrs",
      "lit",
      "litre",
      "liter",
      "litro",
      "litri",
      "dm3"),
  HECTOLITRE(Kind.VOLUME, 100_000, "hl", "hl", "hectolitre", "hectoliter", "ettolitro"),
  CUBIC_METRE(Kind.VOLUME, 1_000_000, "m³", "m3"),
  GALLON(Kind.VOLUME, Double.NaN, "gallon", "gal", "gals", "gallon"),
  QUART(Kind.VOLUME, Double.NaN, "quart", "qt", "qts", "quart"),
  PINT(Kind.VOLUME, Double.NaN, "pint", "pt", "pint"),
  CUP(Kind.VOLUME, Double.NaN, "cup", "cup"),
  FLUID_OUNCE(Kind.VOLUME, Double.NaN, "fluid ounce", "floz"),
  TABLESPOON(
      Kind.VOLUME,
      Double.NaN,
      "tablespoon",
      "tbsp",
      "tbs",
      "tbls",
      "tblsp",
      "tablespoon",
      "tablespoonful",
      "el",
      "esslöffel",
      "eßlöffel",
      "eetlepel",
      "cucharada"),
  TEASPOON(
      Kind.VOLUME,
      Double.NaN,
      "teaspoon",
      "tsp",
      "teaspoon",
      "teaspoonful",
      "tl",
      "teelöffel",
      "theelepel",
      "cucharadita"),
  MILLIGRAM(Kind.MASS, 0.001, "mg", "mg", "milligram", "milligramme"),
  GRAM(
      Kind.MASS, 1, "g", "g", "gr", "gm", "gms", "gram", "gramm", "gramme", "gramo", "grammo",
      "grammi"),
  KILOGRAM(Kind.MASS, 1000, "kg", "kg", "kilo", "kilogram", "kilogramm", "kilogramme"),
  POUND(Kind.MASS, 453.59237, "pound", "lb", "lbs", "pound"),
  /** By weight, or of a liquid: which one is asked. */
  OUNCE(Kind.MASS, 28.349523125, "ounce by weight", "oz", "ozs", "ounce"),
  TABLET(Kind.COUNT, 1, "tablet", "tablet", "tab", "tablette", "pill", "pellet", "stick", "spike"),
  PART(Kind.PARTS, 1, "part", "part", "teil", "partie", "parte"),
  /** Of no size unless it is printed. */
  DROP(
      Kind.VESSEL,
      Double.NaN,
      "drop",
      "drop",
      "tropfen",
      "goutte",
      "gota",
      "goccia",
      "gocce",
      "druppel"),
  CAPFUL(
      Kind.VESSEL,
      Double.NaN,
      "capful",
      "capful",
      "cap",
      "lid",
      "lidful",
      "kappe",
      "verschlusskappe",
      "bouchon",
      "tapón",
      "tappo",
      "dop"),
  SACHET(
      Kind.VESSEL,
      Double.NaN,
      "sachet",
      "sachet",
      "packet",
      "pack",
      "bag",
      "beutel",
      "tütchen",
      "sobre",
      "bustina"),
  SCOOP(
      Kind.VESSEL,
      Double.NaN,
      "scoop",
      "scoop",
      "measure",
      "messlöffel",
      "spoon",
      "spoonful",
      "löffel",
      "squirt",
      "pump",
      "glug",
      "splash",
      "dash",
      "pinch",
      "handful"),
  SQUARE_METRE(Kind.AREA, 1, "m²", "m2", "qm", "sqm"),
  SQUARE_FOOT(Kind.AREA, 0.09290304, "square foot", "ft2", "sqft"),
  SQUARE_YARD(Kind.AREA, 0.83612736, "square yard", "yd2", "sqyd"),
  HECTARE(Kind.AREA, 10_000, "hectare", "ha", "hectare", "hektar"),
  ACRE(Kind.AREA, 4046.8564224, "acre", "ac", "acre"),
  CENTIMETRE(Kind.LENGTH, 1, "cm", "cm", "centimetre", "centimeter"),
  MILLIMETRE(Kind.LENGTH, 0.1, "mm", "mm", "millimetre", "millimeter"),
  INCH(Kind.LENGTH, 2.54, "inch", "inch", "inches", "in", "\"", "”", "zoll"),
  PLANT(
      Kind.PLANT,
      1,
      "plant",
      "plant",
      "pflanze",
      "plante",
      "planta",
      "pianta",
      "piante",
      "seedling",
      "tree",
      "shrub",
      "bulb"),
  POT(Kind.POT, 1, "pot", "pot", "container", "topf", "töpfe", "maceta", "vaso", "vasi", "basket");

  /** What a unit measures. */
  enum Kind {
    VOLUME,
    MASS,
    COUNT,
    PARTS,
    VESSEL,
    AREA,
    LENGTH,
    PLANT,
    POT
  }

  private static final Map<String, Unit> BY_NAME = new HashMap<>();

  static {
    for (Unit unit : values()) {
      unit.names.forEach(name -> BY_NAME.put(name, unit));
    }
  }

  private final Kind kind;
  private final double size;
  private final String label;
  private final List<String> names;

  Unit(Kind kind, double size, String label, String... names) {
    this.kind = kind;
    this.size = size;
    this.label = label;
    this.names = List.of(names);
  }

  /** The unit of a word, of one or several, or null. */
  static Unit of(String word) {
    Unit unit = BY_NAME.get(word);
    for (String ending : List.of("s", "n", "en", "es")) {
      if (unit == null && word.length() > 3 && word.endsWith(ending)) {
        unit = BY_NAME.get(word.substring(0, word.length() - ending.length()));
      }
    }
    return unit;
  }

  Kind kind() {
    return kind;
  }

  /** Whether a region decides how much it is. */
  boolean regional() {
    return kind == Kind.VOLUME && Double.isNaN(size);
  }

  /** Gallons and what is counted from them, of which there are two. */
  boolean ofGallon() {
    return this == GALLON || this == QUART || this == PINT || this == FLUID_OUNCE;
  }

  /** Of how many millilitres, grams, square metres, centimetres or pieces it is. */
  double size(Region region) {
    return regional() ? region.millilitres(this) : size;
  }

  /** A number of them in words, for example {@code 2 US gallons}. */
  String words(String number, boolean one, Region region) {
    boolean spelled = label.length() > 2;
    String name = spelled && !one ? plural() : label;
    return number + " " + (regional() ? region.label(this) + " " : "") + name;
  }

  private String plural() {
    return switch (this) {
      case OUNCE -> "ounces by weight";
      case SQUARE_FOOT -> "square feet";
      case INCH -> "inches";
      default -> label + "s";
    };
  }
}
