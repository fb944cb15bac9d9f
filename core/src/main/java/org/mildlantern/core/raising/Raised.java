package org.mildlantern.core.raising;

import java.util.List;
import java.util.Map;
import org.mildlantern.core.season.Months;

/**
 * How kinds are raised. Rules of thumb.
 *
 * @param of names of genera and ids of kinds
 * @param no ways that do not work, with why
 */
public record Raised(String id, List<String> of, List<Works> ways, Map<RaisingWay, String> no) {
  public Raised {
    no = no == null ? Map.of() : no;
  }

  /**
   * A way that works.
   *
   * @param months in which it is done, as in the north
   * @param take share of pieces that live, least and most
   * @param weeks to roots or germination, least and most
   * @param free weeks until it stands on its own, least and most
   * @param how in place of what is usual, or null
   */
  public record Works(
      RaisingWay way,
      Months months,
      List<Double> take,
      List<Integer> weeks,
      List<Integer> free,
      String how) {}
}
