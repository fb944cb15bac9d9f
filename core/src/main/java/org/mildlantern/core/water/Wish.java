package org.mildlantern.core.water;

import java.util.Locale;
import org.mildlantern.core.knowledge.Watering;

/**
 * How far a kind likes its pot to dry before the next drink, and which error harms it more. Rules
 * of thumb.
 */
public enum Wish {
  EVENLY_MOIST("evenly moist", 0.50, 0.17, 0.35, "dry roots harm it more"),
  DRY_BETWEEN("dry between drinks", 0.25, 0.17, 0.6, "either error is borne"),
  DRY_FULLY("dry right through", 0.12, 0.2, 0.9, "wet roots harm it more"),
  WET_FEET("wet feet in growth", 0.80, 0.15, 0.3, "dry roots harm it more"),
  DRY_REST("a dry rest", 0.06, 0.4, 0.95, "wet roots harm it more");

  private final String label;
  private final double threshold;
  private final double patience;
  private final double bears;
  private final String harm;

  Wish(String label, double threshold, double patience, double bears, String harm) {
    this.label = label;
    this.threshold = threshold;
    this.patience = patience;
    this.bears = bears;
    this.harm = harm;
  }

  /**
   * The wish of a kind in its stage.
   *
   * @param resting whether it rests now
   */
  public static Wish of(Watering water, boolean resting) {
    Wish growing =
        switch (water) {
          case EVENLY_MOIST -> EVENLY_MOIST;
          case DRY_FULLY -> DRY_FULLY;
          case WET_FEET -> WET_FEET;
          case DRY_BETWEEN, CUP, SOAK -> DRY_BETWEEN;
        };
    if (!resting) {
      return growing;
    }
    return switch (growing) {
      case WET_FEET -> EVENLY_MOIST;
      case EVENLY_MOIST -> DRY_BETWEEN;
      case DRY_BETWEEN -> DRY_FULLY;
      default -> DRY_REST;
    };
  }

  public String label() {
    return label;
  }

  /** Share of the available water left at which it wants a look. */
  public double threshold() {
    return threshold;
  }

  /** The chance of having passed the threshold at which to look. */
  public double patience() {
    return patience;
  }

  /** The chance of having passed the threshold up to which a look may be put off. */
  public double bears() {
    return bears;
  }

  public String harm() {
    return harm;
  }

  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
