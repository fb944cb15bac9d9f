package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Optional;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.raising.HardPruning;
import org.mildlantern.core.raising.Raised;
import org.mildlantern.core.raising.RaisingMethod;
import org.mildlantern.core.raising.RaisingWay;

/** How new plants are raised, by kind. */
public final class Raising {
  private final Table<RaisingMethod> methods;
  private final ByKind<Raised> kinds;
  private final ByKind<HardPruning> pruning;

  Raising(Shelf shelf) {
    methods = shelf.table("method", "raising/methods.yaml", "raising-methods", RaisingMethod.class);
    Table<Raised> lines =
        shelf.table("way of raising", "raising/kinds.yaml", "raised", Raised.class);
    kinds = new ByKind<>(shelf, lines, Raised::id, Raised::of);
    pruning =
        new ByKind<>(
            shelf,
            shelf.table("pruning", "raising/pruning.yaml", "pruning", HardPruning.class),
            HardPruning::id,
            HardPruning::of);
    for (RaisingWay way : RaisingWay.values()) {
      if (!methods.knows(way.id())) {
        shelf.wrong(lines, "", "ways", way.id() + " is missing in raising/methods.yaml");
      }
    }
    for (Raised line : lines) {
      List<RaisingWay> both =
          line.ways().stream().map(Raised.Works::way).filter(line.no()::containsKey).toList();
      if (!both.isEmpty()) {
        shelf.wrong(lines, line.id(), "no", both.get(0).id() + " stands among those that work");
      }
    }
  }

  /** Empty where it is not known what works, and while it is not known what it is. */
  public Optional<Raised> of(Kind kind) {
    return kinds.of(kind);
  }

  /** Empty for kinds that do not bear it, or of which it is not known. */
  public Optional<HardPruning> pruning(Kind kind) {
    return pruning.of(kind);
  }

  public RaisingMethod method(RaisingWay way) {
    return methods.find(way.id()).orElseThrow();
  }
}
