package org.mildlantern.app.raising;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.words.Units;

/**
 * Pieces that become plants.
 *
 * @param pot width of their pots, cm, or null
 */
record NewPlantsForm(
    @NotNull(message = "How many?")
        @Min(value = 1, message = "Between 1 and 50 at once.")
        @Max(value = 50, message = "Between 1 and 50 at once.")
        Integer number,
    @NotNull(message = "Pick a place.") Long place,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "1", message = "Between 1 and 200 cm.")
        @DecimalMax(value = "200", message = "Between 1 and 200 cm.")
        Double pot) {}
