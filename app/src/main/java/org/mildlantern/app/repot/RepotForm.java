package org.mildlantern.app.repot;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/** Until when a repotting waits, and why. */
record RepotForm(
    @NotNull(message = "Until which day?") LocalDate until,
    @NotBlank(message = "Why does it wait?") @Size(max = 200, message = "At most 200 characters.")
        String reason) {}
