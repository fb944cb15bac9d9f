package org.mildlantern.core.sheet;

import java.time.LocalDate;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.PotShape;

/**
 * A plant as a row of a list tells it; what the row does not tell is null, or empty for words.
 *
 * @param code empty for the next free one
 * @param formId how it is built, for a name that is not known
 * @param place its name
 */
public record PlantRow(
    String code,
    String name,
    String formId,
    String place,
    InPot pot,
    Filling filling,
    WaterGiven water,
    Stage stage,
    LocalDate arrived,
    String notes) {

  /** What it stands in. */
  public record InPot(
      PotShape.Kind shape,
      Double cm,
      Double depthCm,
      PotMaterial material,
      Boolean holes,
      Boolean outer) {}

  /**
   * What the pot is filled with.
   *
   * @param mediumId of a known mix, or null
   * @param own the grower's words for a mix that is not known, or null
   */
  public record Filling(String mediumId, String own, LocalDate since) {}
}
