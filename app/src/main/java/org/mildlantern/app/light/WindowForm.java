package org.mildlantern.app.light;

import jakarta.validation.Valid;
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
 * @param blind a curtain before it, or a shade cloth
 * @param leaves height of the leaves above the floor, cm, or null for a little above the sill
 * @param lamp over the leaves
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
    @Valid BlindForm blind,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 1500 cm.")
        @DecimalMax(value = "1500", message = "Between 0 and 1500 cm.")
        Double leaves,
    @Valid LampForm lamp,
    @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 360°.")
        @DecimalMax(value = "360", message = "Between 0 and 360°.")
        Double exactFaces,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "0", message = "Between 0 and 2500 cm.")
        @DecimalMax(value = "2500", message = "Between 0 and 2500 cm.")
        Double exactDistance) {
  WindowForm {
    blind = BlindForm.or(blind);
    lamp = LampForm.or(lamp);
  }

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
      new WindowForm(null, null, null, null, null, null, null, null, null, null, null, null);

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
        blind,
        leaves,
        lamp,
        faces == tap ? null : faces,
        distance == step ? null : distance);
  }

  /** Whether its window is known by numbers. */
  boolean drawn() {
    return width != null && height != null && sill != null;
  }
}
