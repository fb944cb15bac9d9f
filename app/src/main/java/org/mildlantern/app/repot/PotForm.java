package org.mildlantern.app.repot;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.words.Units;

/**
 * What is taken out of a pot.
 *
 * @param roots their width, cm
 * @param year how far the plant walks in a year, cm; null for not at all
 */
record PotForm(
    @NotNull(message = "How wide are its roots?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "1", message = "Between 1 and 150 cm.")
        @DecimalMax(value = "150", message = "Between 1 and 150 cm.")
        Double roots,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 50 cm.")
        @DecimalMax(value = "50", message = "Between 0 and 50 cm.")
        Double year) {}
