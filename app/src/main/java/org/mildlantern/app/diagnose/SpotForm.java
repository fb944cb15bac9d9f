package org.mildlantern.app.diagnose;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/** What is typed about a spot. Length and error in mm. */
public record SpotForm(
    @NotBlank(message = "Say which spot it is.") @Size(max = 60, message = "At most 60 characters.")
        String spot,
    @NotNull(message = "A length in mm, please.")
        @DecimalMin(value = "0.1", message = "Between 0.1 and 2000 mm.")
        @DecimalMax(value = "2000", message = "Between 0.1 and 2000 mm.")
        Double mm,
    @NotNull(message = "How far it may be off, in mm.")
        @DecimalMin(value = "0.1", message = "Between 0.1 and 50 mm.")
        @DecimalMax(value = "50", message = "Between 0.1 and 50 mm.")
        Double error,
    @PastOrPresent(message = "This day has not come yet.") LocalDate day) {}
