package org.mildlantern.app.light;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.light.Outside;
import org.mildlantern.core.light.Skyline;
import org.mildlantern.core.words.Units;

/**
 * Something that stands out above the rest of the skyline. Degrees.
 *
 * @param begins direction from north clockwise where it begins
 * @param ends where it ends, clockwise from there
 * @param up how high it rises above the level of the leaves
 * @param tree whether it is a tree that sheds its leaves
 */
record SkylineForm(
    @NotNull(message = "Where does it begin?")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 360°.")
        @DecimalMax(value = "360", message = "Between 0 and 360°.")
        Double begins,
    @NotNull(message = "Where does it end?")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 360°.")
        @DecimalMax(value = "360", message = "Between 0 and 360°.")
        Double ends,
    @NotNull(message = "How high does it rise?")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "Between 0 and 90°.")
        @DecimalMax(value = "90", message = "Between 0 and 90°.")
        Double up,
    Boolean tree) {
  static final SkylineForm EMPTY = new SkylineForm(null, null, null, null);

  Skyline.Part part(boolean leafless) {
    return new Skyline.Part(
        begins, ends, up, Boolean.TRUE.equals(tree) ? Outside.throughATree(leafless) : 0);
  }
}
