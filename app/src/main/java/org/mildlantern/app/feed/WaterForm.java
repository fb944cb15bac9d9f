package org.mildlantern.app.feed;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.feed.Conductivity;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.feed.WaterSheet;
import org.mildlantern.core.words.Units;

/**
 * What is said of a water; what is not known is left out.
 *
 * @param reading of a conductivity meter, in whatever it shows
 * @param readIn what it shows; asked where there is a reading
 * @param celsius warmth of the water where the meter does not correct for it, °C, or null
 * @param hardness in {@code hardnessIn}, so alkalinity
 * @param sodium mg/l, so chloride
 * @param cost of a litre, in whatever money
 */
record WaterForm(
    @NotBlank(message = "A water needs a name, such as kitchen tap.")
        @Size(max = 60, message = "At most 60 characters.")
        String name,
    @NotNull(message = "Pick what water it is.") WaterSheet.Kind kind,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "0 or more.")
        @DecimalMax(value = "20000", message = "At most 20,000.")
        Double reading,
    MeterShows readIn,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 60 °C.")
        @DecimalMax(value = "60", message = "Between 0 and 60 °C.")
        Double celsius,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "0 or more.")
        @DecimalMax(value = "2000", message = "At most 2,000.")
        Double hardness,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "0 or more.")
        @DecimalMax(value = "2000", message = "At most 2,000.")
        Double alkalinity,
    Hardness hardnessIn,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 5,000 mg/l.")
        @DecimalMax(value = "5000", message = "Between 0 and 5,000 mg/l.")
        Double sodium,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 5,000 mg/l.")
        @DecimalMax(value = "5000", message = "Between 0 and 5,000 mg/l.")
        Double chloride,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "3", message = "Between 3 and 11.")
        @DecimalMax(value = "11", message = "Between 3 and 11.")
        Double ph,
    WaterSheet.Disinfectant disinfectant,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "0 or more.")
        @DecimalMax(value = "100", message = "At most 100 for a litre.")
        Double cost) {
  static final WaterForm EMPTY =
      new WaterForm(null, null, null, null, null, null, null, null, null, null, null, null, null);

  WaterForm {
    disinfectant = disinfectant == null ? WaterSheet.Disinfectant.UNKNOWN : disinfectant;
  }

  /** Conductivity at 25 °C, µS/cm, or null. */
  Double ecUsCm() {
    if (reading == null || readIn == null) {
      return null;
    }
    double shown = readIn.usCm(reading);
    return celsius == null ? shown : Conductivity.at25(shown, celsius);
  }

  /** As CaCO₃, mg/l, or null. */
  Double ppm(Double value) {
    return value == null ? null : unit().ppm(value);
  }

  Hardness unit() {
    return hardnessIn == null ? Hardness.PPM : hardnessIn;
  }

  WaterSheet sheet() {
    return new WaterSheet(
        kind, ecUsCm(), ppm(hardness), ppm(alkalinity), sodium, chloride, ph, disinfectant);
  }
}
