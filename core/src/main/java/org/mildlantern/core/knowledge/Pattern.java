package org.mildlantern.core.knowledge;

import java.util.List;

/**
 * Where on a plant a sign sits.
 *
 * @param kinds the kinds of part on which it is seen and marked
 * @param overlay how a figure draws it: fill, tip, edge, base, vein, or side for one half of the
 *     plant
 */
public record Pattern(String id, String label, List<String> kinds, String overlay) {

  /** Whether it can be seen on buds and flowers only. */
  public boolean onFlowersOnly() {
    return kinds.equals(List.of("flower"));
  }
}
