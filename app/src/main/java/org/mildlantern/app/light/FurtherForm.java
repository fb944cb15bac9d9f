package org.mildlantern.app.light;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.words.Units;

/**
 * What is said of a further window. Lengths in cm.
 *
 * @param along from the wall’s left end to the window’s middle, for one who looks at it
 * @param blind before it
 * @param over a roof or balcony over it
 */
record FurtherForm(
    @NotNull(message = "Pick a wall.") FloorPlan.Wall wall,
    @NotNull(message = "How far along the wall?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 5000 cm.")
        @DecimalMax(value = "5000", message = "Between 0 and 5000 cm.")
        Double along,
    @NotNull(message = "How wide is it?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "10", message = "Between 10 and 1500 cm.")
        @DecimalMax(value = "1500", message = "Between 10 and 1500 cm.")
        Double width,
    @NotNull(message = "How high is it?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "10", message = "Between 10 and 800 cm.")
        @DecimalMax(value = "800", message = "Between 10 and 800 cm.")
        Double height,
    @NotNull(message = "Where does it begin above the floor?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 1500 cm.")
        @DecimalMax(value = "1500", message = "Between 0 and 1500 cm.")
        Double sill,
    Glass glass,
    @Valid BlindForm blind,
    @Valid OverForm over) {
  static final FurtherForm EMPTY = new FurtherForm(null, null, null, null, null, null, null, null);

  FurtherForm {
    blind = BlindForm.or(blind);
    over = OverForm.or(over);
  }

  /** Whether it lies within a wall of so many cm. */
  boolean fits(double length) {
    return along - width / 2 >= -0.5 && along + width / 2 <= length + 0.5;
  }
}
