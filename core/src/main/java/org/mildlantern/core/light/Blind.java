package org.mildlantern.core.light;

/**
 * A curtain or blind before a window, and when it is drawn.
 *
 * @param passes share of light that it lets through while it is drawn, 1 for none
 * @param from hour by the sun at which it is drawn, 0 to 24
 * @param to hour by the sun at which it is opened; before {@code from} for one drawn over night
 */
public record Blind(double passes, double from, double to) {
  public static final Blind NONE = always(1);

  /** More than half of the sun’s beam goes through: what it falls on lies in the sun. */
  private static final double SUNNY = 0.5;

  public Blind {
    if (!(passes >= 0 && passes <= 1)) {
      throw new IllegalArgumentException("a curtain lets a share of 0 to 1 through");
    }
    if (!(from >= 0 && from <= 24 && to >= 0 && to <= 24 && from != to)) {
      throw new IllegalArgumentException("a blind is drawn between two hours of 0 to 24");
    }
  }

  /** One that is never opened. */
  public static Blind always(double passes) {
    return new Blind(passes, 0, 24);
  }

  public boolean isDrawn(double hour) {
    return from < to ? hour >= from && hour < to : hour >= from || hour < to;
  }

  /** Share of light that comes past it at an hour by the sun. */
  double at(double hour) {
    return isDrawn(hour) ? passes : 1;
  }

  boolean isSunny(double hour) {
    return at(hour) >= SUNNY;
  }
}
