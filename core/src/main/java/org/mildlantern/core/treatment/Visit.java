package org.mildlantern.core.treatment;

import java.util.List;
import org.mildlantern.core.knowledge.Means;

/**
 * One treatment of a plant.
 *
 * @param day days after the course began
 */
public record Visit(int day, List<Means> means) {
  public Visit {
    if (day < 0) {
      throw new IllegalArgumentException("day: 0 or later");
    }
  }
}
