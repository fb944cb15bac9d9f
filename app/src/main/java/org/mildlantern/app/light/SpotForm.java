package org.mildlantern.app.light;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.words.Units;

/**
 * What is said of a stand. Lengths in cm.
 *
 * @param across from the left wall, for one who looks at the wall with the main window
 * @param back from that wall
 * @param height of the leaves above the floor, or null for a little above the sill
 * @param holds plants that find room, or null for as many as stand there
 * @param passes share of light that a shade cloth lets through outdoors, %, or null for all
 * @param lamp over it
 */
record SpotForm(
    @NotBlank(message = "A stand needs a name, such as shelf.")
        @Size(max = 40, message = "At most 40 characters.")
        String name,
    @NotNull(message = "How far from the left wall?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 5000 cm.")
        @DecimalMax(value = "5000", message = "Between 0 and 5000 cm.")
        Double across,
    @NotNull(message = "How far from the window’s wall?")
        @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 5000 cm.")
        @DecimalMax(value = "5000", message = "Between 0 and 5000 cm.")
        Double back,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 1500 cm.")
        @DecimalMax(value = "1500", message = "Between 0 and 1500 cm.")
        Double height,
    @Min(value = 0, message = "Between 0 and 1000.")
        @Max(value = 1000, message = "Between 0 and 1000.")
        Integer holds,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double passes,
    @Valid LampForm lamp) {
  static final SpotForm EMPTY = new SpotForm(null, null, null, null, null, null, null);

  SpotForm {
    lamp = LampForm.or(lamp);
  }
}
