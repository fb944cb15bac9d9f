package org.mildlantern.core.air;

/** What moistens the air of a room, and the water that it gives. Rules of thumb but for water. */
public enum Moistener {
  TRAY("a tray of wet stones, 30 × 40 cm"),
  PERSON("a person in it, by day and night"),
  PLANTS("six plants close together"),
  MISTING("misting twice a day"),
  LAUNDRY("a load of laundry to dry each day"),
  HUMIDIFIER("a humidifier of 200 g an hour");

  /**
   * Water between stones in still room air, cooled by its own drying, g an hour from a square metre
   * for each kPa of the air's deficit.
   */
  private static final double WET_STONES = 45;

  private static final double TRAY_AREA = 0.12;

  /** Breath and skin at rest, g an hour. */
  private static final double PERSON_GIVES = 45;

  private static final double SIX_PLANTS = 8;
  private static final double SPRAYED = 100.0;
  private static final double LAUNDRY_WATER = 1800;
  private static final double HOURS = 24;

  private final String label;

  Moistener(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  /** Water that it gives, g an hour in the mean of a day. */
  public double grams(Air air) {
    return switch (this) {
      case TRAY -> WET_STONES * TRAY_AREA * air.vpd();
      case PERSON -> PERSON_GIVES;
      case PLANTS -> SIX_PLANTS * air.vpd();
      case MISTING -> SPRAYED / HOURS;
      case LAUNDRY -> LAUNDRY_WATER / HOURS;
      case HUMIDIFIER -> 200;
    };
  }

  /** Points of relative humidity that it adds to a room, in the mean of a day. */
  public double points(Room room, Air outdoor, double celsius) {
    Air before = room.without(outdoor, celsius);
    // The moister the air grows, the less a wet surface gives: halved towards the balance.
    double low = 0;
    double high = grams(before);
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      if (grams(room.moistened(outdoor, celsius, middle)) > middle) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return room.moistened(outdoor, celsius, high).humidity() - before.humidity();
  }
}
