package org.mildlantern.app.growth;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import java.time.LocalDate;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.growth.Organ;
import org.mildlantern.core.words.Units;

/**
 * What has grown out.
 *
 * @param cm its length
 * @param day null for today
 */
record GrowthForm(
    @NotNull(message = "What has grown?") Organ organ,
    @NotNull(message = "How long is it?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0.1", message = "Between 0.1 and 500 cm.")
        @DecimalMax(value = "500", message = "Between 0.1 and 500 cm.")
        Double cm,
    @PastOrPresent(message = "This day has not come yet.") LocalDate day) {}
