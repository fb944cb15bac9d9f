package org.mildlantern.app.plants;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.diagnosis.Subject;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Taxon;

/**
 * A plant as other features and pages see it.
 *
 * @param taxon the known taxon, or null for a free name
 * @param medium the medium, or null
 * @param otherName the accepted name when the keeper uses a synonym, or null
 */
public record PlantView(
    Long id,
    String code,
    String name,
    Taxon taxon,
    GrowthForm form,
    PlaceView place,
    Pot.Shape potShape,
    Double potCm,
    Pot.Material potMaterial,
    boolean potHoles,
    boolean outerPot,
    Medium medium,
    LocalDate mediumSince,
    Pot.Water waterUsed,
    Pot.Stage stage,
    LocalDate stageSince,
    LocalDate arrivedOn,
    String notes,
    LocalDate archivedOn) {

  public Subject subject() {
    return new Subject(form, taxon);
  }

  public boolean archived() {
    return archivedOn != null;
  }

  public String otherName() {
    return taxon == null || taxon.name().equalsIgnoreCase(name) ? null : taxon.name();
  }

  /** The pot in words, for example {@code 13 cm clay, in an outer pot}. */
  public String pot() {
    if (potShape == Pot.Shape.MOUNT) {
      return "mounted";
    }
    List<String> words = new ArrayList<>();
    if (potCm != null) {
      words.add(potCm == Math.rint(potCm) ? Math.round(potCm) + " cm" : potCm + " cm");
    }
    if (potMaterial != null) {
      words.add(potMaterial.label());
    }
    words.add(potShape == Pot.Shape.ROUND ? "pot" : potShape.label());
    return String.join(" ", words)
        + (potHoles ? "" : ", no holes")
        + (outerPot ? ", in an outer pot" : "");
  }
}
