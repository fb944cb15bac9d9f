package org.mildlantern.app.repot;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.words.Units;

/**
 * A medium for some pots.
 *
 * @param pots how many
 * @param width inner, at the rim, cm
 * @param shape null for round
 * @param has ids of materials in the cupboard; empty for all
 */
record MixForm(
    @NotBlank(message = "Which medium?") String medium,
    @NotNull(message = "How many pots?")
        @Min(value = 1, message = "Between 1 and 1,000 pots.")
        @Max(value = 1000, message = "Between 1 and 1,000 pots.")
        Integer pots,
    @NotNull(message = "How wide are they?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "1", message = "Between 1 and 200 cm.")
        @DecimalMax(value = "200", message = "Between 1 and 200 cm.")
        Double width,
    PotShape.Kind shape,
    List<String> has) {
  MixForm {
    shape = shape == null ? PotShape.Kind.ROUND : shape;
    has = has == null ? List.of() : List.copyOf(has);
  }
}
