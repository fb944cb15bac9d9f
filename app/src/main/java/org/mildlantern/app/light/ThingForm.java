package org.mildlantern.app.light;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.air.Nearby;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.words.Units;

/**
 * A radiator, vent or door of a room.
 *
 * @param along from the wall’s left end to its middle, for one who looks at it, cm
 */
record ThingForm(
    @NotNull(message = "Pick what it is.") Nearby kind,
    @NotNull(message = "Pick a wall.") FloorPlan.Wall wall,
    @NotNull(message = "How far along the wall?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 5000 cm.")
        @DecimalMax(value = "5000", message = "Between 0 and 5000 cm.")
        Double along) {
  static final ThingForm EMPTY = new ThingForm(null, null, null);
}
