package org.mildlantern.core.repot;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.season.Months;

/** Work on a tree. A tree bears one heavy work a year; the next waits until it has grown again. */
public enum TreeWork {
  ROOTS_CUT("root cut", true),
  HARD_PRUNED("hard pruning", true),
  DEFOLIATED("defoliation", true),
  WIRED("wiring", false),
  UNWIRED("unwiring", false),
  PINCHED("pinching", false);

  private static final int APART_DAYS = 330;

  private final String label;
  private final boolean heavy;

  TreeWork(String label, boolean heavy) {
    this.label = label;
    this.heavy = heavy;
  }

  public String label() {
    return label;
  }

  public boolean heavy() {
    return heavy;
  }

  /** A work that was done. */
  public record Done(TreeWork work, LocalDate on) {}

  /** The heavy work for which this one must wait, if there is one. */
  public Optional<Done> waitsFor(List<Done> done, LocalDate day) {
    return !heavy
        ? Optional.empty()
        : done.stream()
            .filter(one -> one.work().heavy && !one.on().isAfter(day))
            .filter(one -> ChronoUnit.DAYS.between(one.on(), day) < APART_DAYS)
            .max(Comparator.comparing(Done::on));
  }

  /** The months in which it is done on a tree; empty for any, or where it is not borne at all. */
  public Optional<Months> months(BonsaiYear tree) {
    return Optional.ofNullable(
        switch (this) {
          case ROOTS_CUT -> tree.roots();
          case HARD_PRUNED -> tree.prune();
          case DEFOLIATED -> tree.defoliate();
          case WIRED -> tree.wire();
          case UNWIRED, PINCHED -> null;
        });
  }

  /** Whether the kind bears it at all. */
  public boolean borneBy(BonsaiYear tree) {
    return this != DEFOLIATED || tree.defoliate() != null;
  }
}
