package org.mildlantern.app.raising;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.mildlantern.core.raising.RaisingWay;

/**
 * What is begun.
 *
 * @param parent the plant that pieces come from; null for seed from elsewhere
 * @param kind a name, where there is no parent; else empty
 * @param day null for today
 * @param seed parent of a cross that bore the pod, with {@code pollen} the other; null for none
 * @param grex the name of the cross, or null
 */
record BatchForm(
    Long parent,
    @Size(max = 120, message = "At most 120 characters.") String kind,
    @NotNull(message = "How are they raised?") RaisingWay way,
    @NotNull(message = "How many were taken?")
        @Min(value = 1, message = "Between 1 and 100,000.")
        @Max(value = 100_000, message = "Between 1 and 100,000.")
        Integer taken,
    @PastOrPresent(message = "This day has not come yet.") LocalDate day,
    @Size(max = 120, message = "At most 120 characters.") String seed,
    @Size(max = 120, message = "At most 120 characters.") String pollen,
    @Size(max = 80, message = "At most 80 characters.") String grex,
    @Size(max = 500, message = "At most 500 characters.") String notes) {

  BatchForm {
    kind = kind == null ? "" : kind.strip();
    seed = blankToNull(seed);
    pollen = blankToNull(pollen);
    grex = blankToNull(grex);
    notes = notes == null ? "" : notes.strip();
  }

  private static String blankToNull(String text) {
    return text == null || text.isBlank() ? null : text.strip();
  }

  static BatchForm empty(Long parent, RaisingWay way) {
    return new BatchForm(parent, "", way, null, null, null, null, null, "");
  }
}
