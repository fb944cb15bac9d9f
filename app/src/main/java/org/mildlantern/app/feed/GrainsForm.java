package org.mildlantern.app.feed;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.words.Units;

/** Slow-release grains that were strewn on a pot. */
record GrainsForm(
    @NotNull(message = "Which grains?") Long product,
    @NotNull(message = "How many grams?")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0.1", message = "Between 0.1 and 5,000 g.")
        @DecimalMax(value = "5000", message = "Between 0.1 and 5,000 g.")
        Double grams) {
  static final GrainsForm EMPTY = new GrainsForm(null, null);
}
