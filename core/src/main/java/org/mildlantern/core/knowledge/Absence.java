package org.mildlantern.core.knowledge;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.core.away.Endurance;
import org.mildlantern.core.away.Means;
import org.mildlantern.core.away.RoomAir;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.season.Stage;

/** How long plants last without care, and what makes them last. */
public final class Absence {
  private final Table<Endurance> endurance;
  private final Table<Means> means;
  private final Ways ways;

  Absence(Shelf shelf, Knowledge knowledge) {
    endurance = shelf.table("endurance", "away/bears.yaml", "away-bears", Endurance.class);
    means = shelf.table("means", "away/means.yaml", "away-means", Means.class);
    ways = knowledge.ways();
    Set<String> said = new HashSet<>();
    for (Endurance line : endurance) {
      knowledge.checkWays(shelf, endurance, line.id(), "ways", line.ways());
      said.addAll(line.ways());
    }
    for (Means one : means) {
      knowledge.checkWays(shelf, means, one.id(), "ways", one.ways());
      knowledge.checkWays(shelf, means, one.id(), "not", one.not());
    }
    for (Way way : ways.all()) {
      if (way.is(Way.At.GROWTH) && !said.contains(way.id())) {
        shelf.wrong(endurance, "cold-bog", "ways", "nothing is for " + way.id());
      }
    }
  }

  /** How long a kind lasts at a stage. */
  public Endurance endurance(Kind kind, Stage stage, boolean resting) {
    return of(ways.at(kind.way(), kind.habits(), stage, resting))
        .orElseGet(() -> of(kind.way()).orElseThrow());
  }

  private Optional<Endurance> of(Way way) {
    return endurance.stream().filter(line -> line.ways().contains(way.id())).findFirst();
  }

  /** What suits a kind at a stage; a dry rest is left untouched. */
  public List<Means> means(Kind kind, Stage stage, boolean resting) {
    if (resting && kind.habits().rest().as() == Rest.As.DRY) {
      return List.of();
    }
    Way now = ways.at(kind.way(), kind.habits(), stage, resting);
    return means.stream()
        .filter(one -> !one.ofRoom())
        .filter(
            one ->
                (one.ways().isEmpty() || kind.way().isOneOf(one.ways()) || now.isOneOf(one.ways()))
                    && !kind.way().isOneOf(one.not())
                    && !now.isOneOf(one.not()))
        .toList();
  }

  /** What is done to a room, so that all plants in it last. */
  public List<Means> means(RoomAir room) {
    return means.stream().map(room::takes).flatMap(Optional::stream).toList();
  }
}
