package org.mildlantern.core.season;

import java.util.ArrayList;
import java.util.List;

/**
 * The odds that a plant drops its buds when it is moved, with why. Each reason does it on its own;
 * together they are worse. Rules of thumb.
 *
 * @param chance 0 to 1
 */
public record BudDrop(double chance, List<Why> reasons) {
  private static final double ANY_MOVE = 0.04;
  private static final double WARMER_BY = 5;
  private static final double DRY_BY = 10;

  /** Why buds drop. */
  public enum Why {
    MOVE_SHY(0.3),
    MUCH_WARMER(0.15),
    MUCH_COLDER(0.12),
    DRY_AIR(0.2),
    DARKER(0.15);

    private final double chance;

    Why(double chance) {
      this.chance = chance;
    }
  }

  /**
   * What a move changes; null for what is not known.
   *
   * @param warmer K
   * @param humidity of the air there, %
   * @param wished least humidity of the kind, %
   * @param steps of light from here to there; below 0 when it is darker
   */
  public record Change(double warmer, Double humidity, double wished, Integer steps) {}

  public static BudDrop of(BloomYear bloom, Change change) {
    List<Why> reasons = new ArrayList<>();
    boolean shy =
        bloom != null
            && bloom.spoils().stream()
                .anyMatch(spoil -> spoil.startsWith("moving") || spoil.startsWith("turning"));
    if (shy) {
      reasons.add(Why.MOVE_SHY);
    }
    if (change.warmer() > WARMER_BY) {
      reasons.add(Why.MUCH_WARMER);
    }
    if (change.warmer() < -WARMER_BY) {
      reasons.add(Why.MUCH_COLDER);
    }
    if (change.humidity() != null && change.humidity() < change.wished() - DRY_BY) {
      reasons.add(Why.DRY_AIR);
    }
    if (change.steps() != null && change.steps() < -1) {
      reasons.add(Why.DARKER);
    }
    double keeps = 1 - ANY_MOVE;
    for (Why why : reasons) {
      keeps *= 1 - why.chance;
    }
    return new BudDrop(1 - keeps, List.copyOf(reasons));
  }
}
