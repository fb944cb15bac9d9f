package org.mildlantern.core.air;

/**
 * A closed case in a room: its own air, moister by what dries in it and warmer by its lamps.
 *
 * <p>Example: 60 litres with a wet bottom of 0.12 m² whose air is changed once in two hours stand
 * at 90 % and more in a room of 40 %; a lamp of 15 W on it makes them some 5 K warmer.
 *
 * @param volume litres
 * @param glass surface through which it gives off warmth, m²
 * @param leak times an hour that its air is changed for that of the room; shut 0.2 to 1, a slit
 *     open 2 to 5 (rule of thumb)
 * @param wet surface of wet medium, moss and leaves in it, m²
 * @param watts of lamps whose warmth stays in it
 */
public record ClosedCase(double volume, double glass, double leak, double wet, double watts) {
  /** Warmth through one pane with still air on both sides, W/(m² K) (EN ISO 6946). */
  private static final double LOSS = 5.8;

  /** Water from a wet surface in still air, g an hour from a square metre for each kPa. */
  private static final double WET_SURFACE = 45;

  public ClosedCase {
    if (!(volume >= 0.5 && volume <= 100_000)) {
      throw new IllegalArgumentException("a case holds 0.5 to 100,000 litres");
    }
    if (!(glass > 0 && glass <= 500 && wet >= 0 && wet <= 500)) {
      throw new IllegalArgumentException("its surfaces are up to 500 m²");
    }
    if (!(leak > 0 && leak <= 100 && watts >= 0 && watts <= 10_000)) {
      throw new IllegalArgumentException(
          "its air is changed more than 0 and up to 100 times an hour, its lamps have 0 to 10,000 W");
    }
  }

  /** A case of which only the litres are known: as long as two of its heights, half as wide. */
  public static ClosedCase of(double litres, double leak, double watts) {
    double height = Math.cbrt(litres / 1000 / 2);
    double bottom = 2 * height * height;
    return new ClosedCase(litres, 2 * bottom + 6 * height * height, leak, bottom, watts);
  }

  /** The same with so much glass, m². */
  public ClosedCase behind(double squareMetres) {
    return new ClosedCase(volume, squareMetres, leak, wet, watts);
  }

  /** How much warmer than the room it gets while the lamps burn, K. */
  public double warmer() {
    double air = volume / 1000 * leak * 1.2 * 1005 / 3600;
    return watts / (LOSS * glass + air);
  }

  /** Its air in a room, with the lamps burning or not. */
  public Air in(Air room, boolean lit) {
    double celsius = Math.min(60, room.celsius() + (lit ? warmer() : 0));
    Room inside = new Room(Math.max(0.01, volume / 1000), leak);
    // The moister it grows, the less its wet surface gives: halved towards the balance.
    double low = 0;
    double high = WET_SURFACE * wet * Air.saturation(celsius);
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      double gives = WET_SURFACE * wet * inside.moistened(room, celsius, middle).vpd();
      if (gives > middle) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return inside.moistened(room, celsius, high);
  }
}
