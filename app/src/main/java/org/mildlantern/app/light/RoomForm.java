package org.mildlantern.app.light;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.words.Units;

/**
 * What is said of a place’s room. Lengths in cm, null for a usual one.
 *
 * @param width along the wall with the main window
 * @param depth from that wall to the one across
 * @param along from that wall’s left end to the main window’s middle, null for half way
 * @param holds plants that find room on the usual stand, or null
 * @param over a balcony or roof over the main window
 */
record RoomForm(
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "20", message = "Between 20 and 5000 cm.")
        @DecimalMax(value = "5000", message = "Between 20 and 5000 cm.")
        Double width,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "20", message = "Between 20 and 5000 cm.")
        @DecimalMax(value = "5000", message = "Between 20 and 5000 cm.")
        Double depth,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 5000 cm.")
        @DecimalMax(value = "5000", message = "Between 0 and 5000 cm.")
        Double along,
    @Min(value = 0, message = "Between 0 and 1000.")
        @Max(value = 1000, message = "Between 0 and 1000.")
        Integer holds,
    @Valid OverForm over) {
  static final RoomForm EMPTY = new RoomForm(null, null, null, null, null);

  RoomForm {
    over = OverForm.or(over);
  }

  /** A usual room, cm. Rule of thumb. */
  private static final double WIDTH = 400;

  private static final double DEPTH = 500;

  double wide() {
    return width == null ? WIDTH : width;
  }

  double deep() {
    return depth == null ? DEPTH : depth;
  }

  /** To the middle of the main window, cm. */
  double windowAlong() {
    return along == null ? wide() / 2 : along;
  }
}
