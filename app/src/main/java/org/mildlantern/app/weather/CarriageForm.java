package org.mildlantern.app.weather;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.words.Units;

/**
 * A way home through the cold.
 *
 * @param kind name of the plant, as its keeper calls it
 * @param outside °C
 */
record CarriageForm(
    @Size(max = 100, message = "At most 100 characters.") String kind,
    @NotNull(message = "How cold is it outside?")
        @InUnits(Units.Measure.WARMTH)
        @DecimalMin(value = "-50", message = "Between −50 and 40 °C.")
        @DecimalMax(value = "40", message = "Between −50 and 40 °C.")
        Double outside) {}
