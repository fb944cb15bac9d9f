package org.mildlantern.app.plants;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.mildlantern.core.growth.Stage;
import org.mildlantern.core.water.Standing;

/**
 * What is typed about a plant.
 *
 * @param code accession code; made when empty
 * @param kind accepted name, synonym or a free name
 * @param formId growth form; needed only for a free name
 * @param potCm diameter or side in centimetres
 */
public record PlantForm(
    @Size(max = 20, message = "At most 20 characters.") String code,
    @NotBlank(message = "Which plant is it? A free name will do.")
        @Size(max = 120, message = "At most 120 characters.")
        String kind,
    String formId,
    @NotNull(message = "Pick a place.") Long placeId,
    @NotNull(message = "Pick a shape.") Pot.Shape potShape,
    @DecimalMin(value = "1", message = "Between 1 and 200 cm.")
        @DecimalMax(value = "200", message = "Between 1 and 200 cm.")
        Double potCm,
    @DecimalMin(value = "1", message = "Between 1 and 200 cm.")
        @DecimalMax(value = "200", message = "Between 1 and 200 cm.")
        Double potDepthCm,
    Pot.Material potMaterial,
    Boolean potHoles,
    Boolean outerPot,
    Standing.Kind standsIn,
    String mediumId,
    @PastOrPresent(message = "This day has not come yet.") LocalDate mediumSince,
    Pot.Water waterUsed,
    @NotNull(message = "Pick a stage.") Stage stage,
    @PastOrPresent(message = "This day has not come yet.") LocalDate arrivedOn,
    @Size(max = 2000, message = "At most 2000 characters.") String notes) {

  public PlantForm {
    potHoles = Boolean.TRUE.equals(potHoles);
    outerPot = Boolean.TRUE.equals(outerPot);
    standsIn = standsIn == null ? Standing.Kind.NONE : standsIn;
    formId = blankToNull(formId);
    mediumId = blankToNull(mediumId);
  }

  private static String blankToNull(String text) {
    return text == null || text.isBlank() ? null : text;
  }

  static PlantForm empty(Long placeId) {
    return new PlantForm(
        "",
        "",
        null,
        placeId,
        Pot.Shape.ROUND,
        null,
        null,
        Pot.Material.PLASTIC,
        true,
        false,
        Standing.Kind.NONE,
        null,
        null,
        null,
        Stage.GROWTH,
        null,
        "");
  }

  static PlantForm of(Plant plant) {
    return new PlantForm(
        plant.code(),
        plant.name(),
        plant.formId(),
        plant.placeId(),
        plant.potShape(),
        plant.potCm(),
        plant.potDepthCm(),
        plant.potMaterial(),
        plant.potHoles(),
        plant.outerPot(),
        plant.standsIn(),
        plant.mediumId(),
        plant.mediumSince(),
        plant.waterUsed(),
        plant.stage(),
        plant.arrivedOn(),
        plant.notes());
  }
}
