package org.mildlantern.app.away;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;

/**
 * What a visitor is told besides.
 *
 * @param call whom to call, with a number; may be empty
 * @param cup what the visitor's cup holds, ml, or null
 */
record TripForm(
    @Size(max = 120, message = "At most 120 characters.") String call,
    @Min(value = LEAST_CUP, message = "Between 20 and 5000 ml.")
        @Max(value = LARGEST_CUP, message = "Between 20 and 5000 ml.")
        Integer cup) {
  static final int LEAST_CUP = 20;
  static final int LARGEST_CUP = 5000;
}
