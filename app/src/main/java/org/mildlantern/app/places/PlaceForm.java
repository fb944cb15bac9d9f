package org.mildlantern.app.places;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.words.Units;

/**
 * What is typed about a place. Temperature in °C, humidity in %.
 *
 * @param near what was ticked
 * @param noOther whether nothing else of it is there, so that what was not ticked is known too
 */
public record PlaceForm(
    @NotBlank(message = "A place needs a name.") @Size(max = 60, message = "At most 60 characters.")
        String name,
    @NotNull(message = "Pick what kind of place it is.") PlaceKind kind,
    @InUnits(Units.Measure.WARMTH)
        @DecimalMin(value = "-30", message = "Between −30 and 55 °C.")
        @DecimalMax(value = "55", message = "Between −30 and 55 °C.")
        Double temperature,
    @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double humidity,
    @InUnits(Units.Measure.WARMTH)
        @DecimalMin(value = "-40", message = "Between −40 and 55 °C.")
        @DecimalMax(value = "55", message = "Between −40 and 55 °C.")
        Double coldest,
    @InUnits(Units.Measure.WARMTH)
        @DecimalMin(value = "-40", message = "Between −40 and 60 °C.")
        @DecimalMax(value = "60", message = "Between −40 and 60 °C.")
        Double warmest,
    LightClass light,
    Near near,
    Boolean noOther) {

  public PlaceForm {
    noOther = Boolean.TRUE.equals(noOther);
    near = (near == null ? Near.UNKNOWN : near).ticked(noOther);
  }

  /** A place of which only the usual air is known. */
  public static PlaceForm of(String name, PlaceKind kind, Double temperature, Double humidity) {
    return new PlaceForm(name, kind, temperature, humidity, null, null, null, null, null);
  }

  boolean extremesCross() {
    return coldest != null && warmest != null && coldest > warmest;
  }

  static PlaceForm of(PlaceView place) {
    PlaceView.Surroundings around = place.surroundings();
    return new PlaceForm(
        place.name(),
        place.kind(),
        place.temperature(),
        place.humidity(),
        around.coldest(),
        around.warmest(),
        around.light(),
        around.near(),
        around.near().looked());
  }
}
