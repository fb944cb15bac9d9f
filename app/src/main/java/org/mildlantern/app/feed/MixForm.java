package org.mildlantern.app.feed;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.util.Arrays;
import java.util.List;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.words.Units;

/**
 * What a mix of several feeds is to give.
 *
 * @param of ids of the feeds
 * @param n ppm of nitrogen; so Ca and Mg, or null where they may come as they come
 * @param ratio N-P₂O₅-K₂O, such as 3-1-2
 * @param water id of the water it is mixed in; null for pure water
 * @param stock parts of water to one of stock; null for none
 */
record MixForm(
    List<Long> of,
    @NotNull(message = "How much nitrogen, ppm?")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "5", message = "Between 5 and 1,000 ppm.")
        @DecimalMax(value = "1000", message = "Between 5 and 1,000 ppm.")
        Double n,
    @NotNull(message = "Three numbers, such as 3-1-2.")
        @Pattern(
            regexp =
                "\\s*\\d{1,2}(\\.\\d)?\\s*-\\s*\\d{1,2}(\\.\\d)?\\s*-\\s*\\d{1,2}(\\.\\d)?\\s*",
            message = "Three numbers, such as 3-1-2.")
        String ratio,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "1", message = "Between 1 and 500 ppm.")
        @DecimalMax(value = "500", message = "Between 1 and 500 ppm.")
        Double ca,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "1", message = "Between 1 and 500 ppm.")
        @DecimalMax(value = "500", message = "Between 1 and 500 ppm.")
        Double mg,
    Long water,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "2", message = "Between 2 and 1,000.")
        @DecimalMax(value = "1000", message = "Between 2 and 1,000.")
        Double stock) {
  static final MixForm EMPTY = new MixForm(List.of(), 100.0, "3-1-2", null, null, null, null);

  MixForm {
    of = of == null ? List.of() : List.copyOf(of);
  }

  List<Double> parts() {
    return Arrays.stream(ratio.split("-")).map(part -> Double.valueOf(part.strip())).toList();
  }
}
