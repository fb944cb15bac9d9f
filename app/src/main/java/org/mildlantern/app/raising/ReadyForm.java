package org.mildlantern.app.raising;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;

/** A piece that is still on its mother; what does not apply is null. */
record ReadyForm(
    @DecimalMin(value = "0.1", message = "Between 0.1 and 500.")
        @DecimalMax(value = "500", message = "Between 0.1 and 500.")
        Double offset,
    @DecimalMin(value = "0.1", message = "Between 0.1 and 500.")
        @DecimalMax(value = "500", message = "Between 0.1 and 500.")
        Double mother,
    @Min(value = 0, message = "Between 0 and 50.") @Max(value = 50, message = "Between 0 and 50.")
        Integer roots,
    @DecimalMin(value = "0", message = "Between 0 and 100.")
        @DecimalMax(value = "100", message = "Between 0 and 100.")
        Double rootCm,
    @Min(value = 0, message = "Between 0 and 500.")
        @Max(value = 500, message = "Between 0 and 500.")
        Integer growths,
    @Min(value = 0, message = "Between 0 and 500.")
        @Max(value = 500, message = "Between 0 and 500.")
        Integer leads,
    @DecimalMin(value = "0.1", message = "Between 0.1 and 500.")
        @DecimalMax(value = "500", message = "Between 0.1 and 500.")
        Double mm) {
  static ReadyForm empty() {
    return new ReadyForm(null, null, null, null, null, null, null);
  }
}
