package org.mildlantern.app.raising;

import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.raising.Counts;
import org.mildlantern.core.raising.RaisingMethod;

/**
 * A batch, ready to be shown.
 *
 * @param code as it stands on its label, such as B12
 * @param parent the plant that it came from, or null
 * @param cross in words, or empty
 * @param expected words for what is to be expected
 * @param next when it is looked at, in words, or empty
 * @param log what was counted, the first first
 * @param plants that it became
 */
record BatchView(
    Long id,
    String code,
    String name,
    PlantView parent,
    RaisingMethod method,
    String begun,
    String cross,
    String notes,
    Counts counts,
    String expected,
    String next,
    boolean closed,
    List<Line> log,
    List<PlantView> plants) {

  /** A count. */
  record Line(String words) {}
}
