package org.mildlantern.app.places;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.mildlantern.core.round.PlaceKind;

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
        Double humidity) {

  static PlaceForm of(PlaceView place) {
    return new PlaceForm(place.name(), place.kind(), place.temperature(), place.humidity());
  }
}
