package org.mildlantern.app.places;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;

/** What is typed about a place. Temperature in °C, humidity in %. */
public record PlaceForm(
    @NotBlank(message = "A place needs a name.") @Size(max = 60, message = "At most 60 characters.")
        String name,
    @NotNull(message = "Pick what kind of place it is.") PlaceKind kind,
    @DecimalMin(value = "-30", message = "Between −30 and 55 °C.")
        @DecimalMax(value = "55", message = "Between −30 and 55 °C.")
        Double temperature,
    @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double humidity,
    @DecimalMin(value = "-40", message = "Between −40 and 55 °C.")
        @DecimalMax(value = "55", message = "Between −40 and 55 °C.")
        Double coldest,
    @DecimalMin(value = "-40", message = "Between −40 and 60 °C.")
        @DecimalMax(value = "60", message = "Between −40 and 60 °C.")
        Double warmest,
    LightClass light,
    Boolean draught,
    Boolean glass,
    Boolean heater,
    Boolean lamp) {

  public PlaceForm {
    draught = Boolean.TRUE.equals(draught);
    glass = Boolean.TRUE.equals(glass);
    heater = Boolean.TRUE.equals(heater);
    lamp = Boolean.TRUE.equals(lamp);
  }

  /** A place of which only the usual air is known. */
  public static PlaceForm of(String name, PlaceKind kind, Double temperature, Double humidity) {
    return new PlaceForm(
        name, kind, temperature, humidity, null, null, null, false, false, false, false);
  }

  boolean extremesCross() {
    return coldest != null && warmest != null && coldest > warmest;
  }

  static PlaceForm of(PlaceView place) {
    PlaceView.Surroundings near = place.surroundings();
    return new PlaceForm(
        place.name(),
        place.kind(),
        place.temperature(),
        place.humidity(),
        near.coldest(),
        near.warmest(),
        near.light(),
        near.draught(),
        near.glass(),
        near.heater(),
        near.lamp());
  }
}
