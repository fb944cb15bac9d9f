package org.mildlantern.app.light;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.util.List;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.light.Lamp;
import org.mildlantern.core.light.LampKind;
import org.mildlantern.core.words.Units;

/**
 * What is said of the lamps over leaves.
 *
 * @param ppf photons of the lamps, µmol/s, as their sheet says, or null
 * @param watts that they draw, where no sheet says the photons
 * @param kind of lamp, with the watts
 * @param beam width of their light, degrees, or null for a usual one
 * @param distance to the leaves, cm
 * @param hours that they burn in a day
 */
@Embeddable
record LampForm(
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "1", message = "Between 1 and 10000 µmol/s.")
        @DecimalMax(value = "10000", message = "Between 1 and 10000 µmol/s.")
        Double ppf,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "1", message = "Between 1 and 5000 W.")
        @DecimalMax(value = "5000", message = "Between 1 and 5000 W.")
        Double watts,
    @Enumerated(EnumType.STRING) LampKind kind,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "5", message = "Between 5 and 360°.")
        @DecimalMax(value = "360", message = "Between 5 and 360°.")
        Double beam,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "5", message = "Between 5 and 500 cm.")
        @DecimalMax(value = "500", message = "Between 5 and 500 cm.")
        Double distance,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 24 hours.")
        @DecimalMax(value = "24", message = "Between 0 and 24 hours.")
        Double hours) {
  static final LampForm NONE = new LampForm(null, null, null, null, null, null);

  /** Width of the light of a lamp whose beam is not known, degrees. */
  private static final double BEAM = 120;

  static LampForm or(LampForm known) {
    return known == null ? NONE : known;
  }

  /** What is missing, as lamps are told of by halves; null when nothing is. */
  String missing() {
    if (ppf == null && watts == null) {
      return kind != null ? "lamp-watts" : null;
    }
    if (ppf == null && kind == null) {
      return "lamp-kind";
    }
    return distance == null ? "lamp-distance" : hours == null ? "lamp-hours" : null;
  }

  /** The kind by which lux are turned into photons. */
  LampKind kindOrUsual() {
    return kind == null ? LampKind.WHITE_LED : kind;
  }

  List<Lamp> lamps() {
    if (ppf == null && watts == null) {
      return List.of();
    }
    double wide = beam == null ? BEAM : beam;
    return List.of(
        ppf != null
            ? new Lamp(ppf, wide, distance / 100, hours)
            : Lamp.ofWatts(kind, watts, wide, distance / 100, hours));
  }
}
