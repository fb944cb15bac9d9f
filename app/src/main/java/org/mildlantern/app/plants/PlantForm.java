package org.mildlantern.app.plants;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.season.Stage;

/**
 * What is typed about a plant.
 *
 * @param code accession code; made when empty
 * @param kind accepted name, synonym or a free name
 * @param formId growth form, or another way in which plants of the form live; needed only for a
 *     free name
 * @param ownMedium the keeper's words for a mix that is not known, or null
 * @param stage as the keeper notes it, or null to leave it to the calendar
 */
public record PlantForm(
    @Size(max = 20, message = "At most 20 characters.") String code,
    @NotBlank(message = "Which plant is it? A free name will do.")
        @Size(max = 120, message = "At most 120 characters.")
        String kind,
    String formId,
    @NotNull(message = "Pick a place.") Long placeId,
    @Valid Pot pot,
    String mediumId,
    @Size(max = 80, message = "At most 80 characters.") String ownMedium,
    @PastOrPresent(message = "This day has not come yet.") LocalDate mediumSince,
    WaterGiven waterUsed,
    Stage stage,
    @PastOrPresent(message = "This day has not come yet.") LocalDate arrivedOn,
    @Size(max = 2000, message = "At most 2000 characters.") String notes) {

  public PlantForm {
    formId = blankToNull(formId);
    mediumId = blankToNull(mediumId);
    ownMedium = mediumId == null ? blankToNull(ownMedium) : null;
    pot = pot == null ? Pot.unknown(null) : pot;
  }

  private static String blankToNull(String text) {
    return text == null || text.isBlank() ? null : text;
  }

  /**
   * The same under another name.
   *
   * @param name one of at most 120 characters; any other leaves the form as it is
   */
  PlantForm called(String name) {
    return name == null || name.isBlank() || name.length() > 120
        ? this
        : new PlantForm(
            code,
            name,
            formId,
            placeId,
            pot,
            mediumId,
            ownMedium,
            mediumSince,
            waterUsed,
            stage,
            arrivedOn,
            notes);
  }

  static PlantForm empty(Long placeId) {
    return new PlantForm(
        "", "", null, placeId, Pot.unknown(null), null, null, null, null, null, null, "");
  }

  static PlantForm of(Plant plant) {
    return new PlantForm(
        plant.code(),
        plant.name(),
        plant.formId(),
        plant.placeId(),
        plant.pot(),
        plant.mediumId(),
        plant.ownMedium(),
        plant.mediumSince(),
        plant.waterUsed(),
        plant.stage(),
        plant.arrivedOn(),
        plant.notes());
  }
}
