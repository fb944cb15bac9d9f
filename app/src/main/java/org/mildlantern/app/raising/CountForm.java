package org.mildlantern.app.raising;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import java.time.LocalDate;
import org.mildlantern.core.raising.Counts;

/**
 * Pieces that came to a step.
 *
 * @param day null for today
 */
record CountForm(
    @NotNull(message = "What became of them?") Counts.Step step,
    @NotNull(message = "How many?")
        @Min(value = 1, message = "Between 1 and 100,000.")
        @Max(value = 100_000, message = "Between 1 and 100,000.")
        Integer number,
    @PastOrPresent(message = "This day has not come yet.") LocalDate day) {}
