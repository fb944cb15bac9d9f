package org.mildlantern.app.mixing;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/**
 * What is typed about a bottle or bag.
 *
 * @param stockPercent strength of what is thinned by percent, such as alcohol; else empty
 * @param amountLeft in the unit
 * @param labelDays least days between two uses that the label prints, or empty
 * @param labelMost most uses in a year that the label prints, or empty
 */
public record ItemForm(
    @NotBlank(message = "What does the bottle say?")
        @Size(max = 80, message = "At most 80 characters.")
        String name,
    String means,
    @DecimalMin(value = "0", inclusive = false, message = "Above 0 and up to 100 %.")
        @DecimalMax(value = "100", message = "Above 0 and up to 100 %.")
        Double stockPercent,
    @NotNull(message = "How much is left? A number, please.")
        @DecimalMin(value = "0", message = "It cannot be less than nothing.")
        @DecimalMax(value = "100000", message = "At most 100 000.")
        Double amountLeft,
    @NotNull(message = "ml or g?") @Pattern(regexp = "ml|g", message = "ml or g?") String unit,
    LocalDate openedOn,
    LocalDate expiresOn,
    @Size(max = 500, message = "At most 500 characters.") String notes,
    @Min(value = 1, message = "1 to 365 days, or empty.")
        @Max(value = 365, message = "1 to 365 days, or empty.")
        Integer labelDays,
    @Min(value = 1, message = "1 to 100 times, or empty.")
        @Max(value = 100, message = "1 to 100 times, or empty.")
        Integer labelMost) {

  static final ItemForm EMPTY = of("");

  /** An empty form, of a kind of means that may be empty too. */
  static ItemForm of(String means) {
    return new ItemForm("", means, null, null, "ml", null, null, "", null, null);
  }

  public ItemForm {
    notes = notes == null ? "" : notes;
  }
}
