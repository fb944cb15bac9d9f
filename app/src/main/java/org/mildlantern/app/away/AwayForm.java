package org.mildlantern.app.away;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;

/**
 * When one is away, and what is at hand.
 *
 * @param from the first day away
 * @param until the day of the return
 * @param risk chance of harm that is taken for each plant, %
 * @param visits at most
 * @param minutes that a visit is worth, the way included
 * @param coin minutes that a coin is worth
 */
record AwayForm(
    @NotNull(message = "From which day?") LocalDate from,
    @NotNull(message = "Until which day?") LocalDate until,
    @NotNull(message = "Between 1 and 50 %.")
        @DecimalMin(value = "1", message = "Between 1 and 50 %.")
        @DecimalMax(value = "50", message = "Between 1 and 50 %.")
        Double risk,
    @NotNull(message = "Between 0 and 3.")
        @Min(value = 0, message = "Between 0 and 3.")
        @Max(value = 3, message = "Between 0 and 3.")
        Integer visits,
    @NotNull(message = "Between 1 and 600 minutes.")
        @DecimalMin(value = "1", message = "Between 1 and 600 minutes.")
        @DecimalMax(value = "600", message = "Between 1 and 600 minutes.")
        Double minutes,
    @NotNull(message = "Between 0 and 600 minutes.")
        @DecimalMin(value = "0", message = "Between 0 and 600 minutes.")
        @DecimalMax(value = "600", message = "Between 0 and 600 minutes.")
        Double coin) {}
