package org.mildlantern.core.air;

import java.util.List;
import java.util.Locale;
import org.mildlantern.core.working.Working;

/**
 * A leaf in air that moves: how warm it gets in light, and how long it stays wet.
 *
 * <p>Its warmth is where what it takes up of light equals what it gives off to the air, to the
 * walls about it and as water (Campbell & Norman 1998, chapter 14, after Penman).
 *
 * <p>Example: a leaf 6 cm wide that drinks well is a degree or two warmer than still air in the
 * light of a bright sill, 8 to 10 K warmer in full sun behind glass when its pores are shut.
 *
 * @param width of the leaf along the wind, m
 * @param wind past it, m/s; still air of a room 0.1, a small fan 0.5 (rules of thumb)
 */
public record Leaf(double width, double wind) {
  /** Of a middling leaf in the air of a room. */
  public static final Leaf IN_A_ROOM = new Leaf(0.06, 0.1);

  /** Outdoors in a light breeze. */
  public static final Leaf IN_A_BREEZE = new Leaf(0.06, 1);

  /** Pores of a leaf that drinks well, both sides together, mol/m²/s. Rule of thumb. */
  public static final double OPEN_PORES = 0.2;

  /** Pores by day of plants that open theirs at night, and of leaves that lack water. */
  public static final double SHUT_PORES = 0.01;

  /** J of daylight for each µmol that plants use (McCree 1972). */
  private static final double JOULE_A_MICROMOL = 1 / (0.45 * 4.57);

  /** Share of daylight that a leaf takes up, the half that is not visible with it. */
  private static final double TAKEN_UP = 0.5;

  /** Heat of air, J/(mol K), and of water that evaporates, J/mol. */
  private static final double AIR_HEAT = 29.3;

  private static final double WATER_HEAT = 44_000;
  private static final double PRESSURE = 101.325;
  private static final double STEFAN = 5.67e-8;
  private static final double GRAMS_A_MOL = 18.015;

  /** Wind in a canopy or room is broken: it carries off more than over a smooth plate. */
  private static final double BROKEN = 1.4;

  /** Water that hangs on a leaf that was sprayed, g/m² of one side. Rule of thumb. */
  private static final double FILM = 80;

  public Leaf {
    if (!(width >= 0.001 && width <= 2 && wind >= 0.01 && wind <= 30)) {
      throw new IllegalArgumentException("a leaf is 1 mm to 2 m wide in wind of 0.01 to 30 m/s");
    }
  }

  /** Heat that air carries off from both sides, mol/m²/s. */
  private double heat() {
    return 2 * BROKEN * 0.135 * Math.sqrt(wind / width);
  }

  /** Water that air carries off from one side, mol/m²/s. */
  private double vapour() {
    return BROKEN * 0.147 * Math.sqrt(wind / width);
  }

  /** Both sides looking at walls as warm as the air. */
  private static double radiation(double celsius) {
    return 2 * 4 * STEFAN * Math.pow(celsius + 273.15, 3) * 0.97 / AIR_HEAT;
  }

  /** How fast saturation grows with warmth, kPa/K (Alduchov & Eskridge 1996). */
  private static double slope(double celsius) {
    return Air.saturation(celsius) * 17.625 * 243.04 / Math.pow(243.04 + celsius, 2);
  }

  /** How much warmer than the air it is, K, when it takes up W/m² and gives water off at a rate. */
  private double warmer(Air air, double watts, double water) {
    double cooling = WATER_HEAT * water / PRESSURE;
    return (watts - cooling * air.vpd())
        / (AIR_HEAT * (heat() + radiation(air.celsius())) + cooling * slope(air.celsius()));
  }

  /**
   * How warm it is, °C.
   *
   * @param ppfd light on it, µmol/m²/s of daylight
   * @param pores how well they let water out, mol/m²/s; see {@link #OPEN_PORES}
   */
  public double celsius(Air air, double ppfd, double pores) {
    double water = pores * vapour() / (pores + vapour());
    return air.celsius() + warmer(air, ppfd * JOULE_A_MICROMOL * TAKEN_UP, water);
  }

  /** Water that a sprayed side gives off in the shade, g/m² an hour. */
  private double drying(Air air) {
    double leaf = air.celsius() + warmer(air, 0, vapour());
    double deficit = Math.max(0, Air.saturation(leaf) - air.vapour());
    return vapour() * deficit / PRESSURE * GRAMS_A_MOL * 3600;
  }

  /** Hours in the shade until a leaf that was sprayed is dry; at most a day and a half. */
  public double hoursWet(Air air) {
    return Math.min(36, FILM / Math.max(1e-6, drying(air)));
  }

  /** How the warmth is found. */
  public Working working(Air air, double ppfd, double pores) {
    return new Working(
        "Warmth of a leaf",
        "air + (light taken up − water given off) ÷ (air + walls + water)",
        List.of(
            new Working.Step(
                "Air", figure(air.celsius()) + " °C, " + figure(air.humidity()) + " %"),
            new Working.Step("Light", figure(ppfd) + " µmol/m²/s"),
            new Working.Step("Wind", figure(wind) + " m/s past a leaf of " + figure(width) + " m"),
            new Working.Step("Pores", figure(pores) + " mol/m²/s")),
        figure(celsius(air, ppfd, pores)) + " °C",
        "Campbell & Norman 1998");
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, Math.abs(value) < 10 ? "%.2f" : "%.0f", value);
  }
}
