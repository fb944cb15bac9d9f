package org.mildlantern.app.light;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.util.Comparator;
import java.util.List;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.light.Outside;
import org.mildlantern.core.words.Units;

/**
 * What is said of the light of a place: three things by a tap, the rest by numbers or not at all.
 *
 * @param faces degrees from north clockwise that its window looks to
 * @param distance of the leaves from the pane, cm
 * @param width of the window, cm, or null for a usual one; so its height and its sill
 * @param passes share of light that a curtain or a shade cloth lets through, %, or null for all
 * @param leaves height of the leaves above the floor, cm, or null for a little above the sill
 * @param lampPpf photons of the lamps, µmol/s, or null for none
 * @param lampDistance from the lamps to the leaves, cm
 * @param lampHours that they burn in a day
 * @param exactFaces direction by number, which goes before the one that was tapped
 * @param exactDistance the same for the distance
 */
record WindowForm(
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 360°.")
        @DecimalMax(value = "360", message = "Between 0 and 360°.")
        Double faces,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 2500 cm.")
        @DecimalMax(value = "2500", message = "Between 0 and 2500 cm.")
        Double distance,
    @NotNull(message = "Pick what stands outside.") Outside outside,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "10", message = "Between 10 and 1500 cm.")
        @DecimalMax(value = "1500", message = "Between 10 and 1500 cm.")
        Double width,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "10", message = "Between 10 and 800 cm.")
        @DecimalMax(value = "800", message = "Between 10 and 800 cm.")
        Double height,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 1500 cm.")
        @DecimalMax(value = "1500", message = "Between 0 and 1500 cm.")
        Double sill,
    Glass glass,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 100 %.")
        @DecimalMax(value = "100", message = "Between 0 and 100 %.")
        Double passes,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 1500 cm.")
        @DecimalMax(value = "1500", message = "Between 0 and 1500 cm.")
        Double leaves,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "1", message = "Between 1 and 10000 µmol/s.")
        @DecimalMax(value = "10000", message = "Between 1 and 10000 µmol/s.")
        Double lampPpf,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "5", message = "Between 5 and 500 cm.")
        @DecimalMax(value = "500", message = "Between 5 and 500 cm.")
        Double lampDistance,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 24 hours.")
        @DecimalMax(value = "24", message = "Between 0 and 24 hours.")
        Double lampHours,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 360°.")
        @DecimalMax(value = "360", message = "Between 0 and 360°.")
        Double exactFaces,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 2500 cm.")
        @DecimalMax(value = "2500", message = "Between 0 and 2500 cm.")
        Double exactDistance) {
  /** Directions and distances that are offered for a tap. */
  private static final double TURN = 45;

  private static final List<Double> DISTANCES = List.of(15.0, 60.0, 150.0, 300.0);

  /** Direction by number, else the tapped one; null when there is neither. */
  Double direction() {
    return exactFaces != null ? Double.valueOf(exactFaces % 360) : faces;
  }

  /** The same for the distance. */
  Double away() {
    return exactDistance != null ? exactDistance : distance;
  }

  /** Whether a number says another direction than the tap beside it. */
  boolean directionsCross() {
    return exactFaces != null && faces != null && tapFor(exactFaces) != faces % 360;
  }

  /** The same for the distance. */
  boolean distancesCross() {
    return exactDistance != null && distance != null && tapAt(exactDistance) != distance;
  }

  private static double tapFor(double degrees) {
    return Math.round(degrees / TURN) * TURN % 360;
  }

  private static double tapAt(double cm) {
    return DISTANCES.stream()
        .min(Comparator.comparingDouble(tap -> Math.abs(Math.log((tap + 1) / (cm + 1)))))
        .orElseThrow();
  }

  /** Of a place about which nothing was said. */
  static final WindowForm EMPTY =
      new WindowForm(
          null, null, null, null, null, null, null, null, null, null, null, null, null, null);

  /** As it is shown: the tap that lies nearest, and the number where that says more. */
  WindowForm shown() {
    double tap = tapFor(faces);
    double step = tapAt(distance);
    return new WindowForm(
        tap,
        step,
        outside,
        width,
        height,
        sill,
        glass,
        passes,
        leaves,
        lampPpf,
        lampDistance,
        lampHours,
        faces == tap ? null : faces,
        distance == step ? null : distance);
  }

  /** Whether lamps are told of by halves. */
  boolean lampsUnfinished() {
    return lampPpf != null && (lampDistance == null || lampHours == null);
  }

  /** Whether its window is known by numbers. */
  boolean drawn() {
    return width != null && height != null && sill != null;
  }
}
