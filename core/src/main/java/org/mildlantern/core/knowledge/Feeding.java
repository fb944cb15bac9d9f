package org.mildlantern.core.knowledge;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.feed.Programme;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;

/** What kinds ask of feed and water, how traps are fed, and what kitchens leave over. */
public final class Feeding {
  private final Table<Programme> programmes;
  private final Table<TrapFeed> traps;
  private final Table<Leftover> leftovers;
  private final Set<String> notFlushed = new HashSet<>();

  /**
   * How traps are fed by hand.
   *
   * @param of names of genera and ids of kinds
   * @param ppm nitrogen of a weak feed that some put into traps, at most, or null
   * @param growing whether they are fed while they grow; none is at rest
   */
  public record TrapFeed(String id, List<String> of, String what, Double ppm, boolean growing) {}

  /** What a kitchen leaves over, as feed. */
  public record Leftover(String id, String label, String holds, String lacks, String risks) {}

  /** Troubles in which a pot is not flushed. */
  private record NoFlush(String id, List<String> causes) {}

  Feeding(Shelf shelf, Ways ways, Table<Cause> causes) {
    programmes = shelf.section("programme", "feed.yaml", "programmes", Programme.class);
    traps = shelf.section("trap feed", "feed.yaml", "trap-feeds", TrapFeed.class);
    leftovers = shelf.section("leftover", "feed.yaml", "leftovers", Leftover.class);
    Table<NoFlush> none = shelf.section("trouble", "feed.yaml", "no-flush", NoFlush.class);
    for (NoFlush line : none) {
      shelf.refers(none, line.id(), "causes", line.causes(), causes);
      notFlushed.addAll(line.causes());
    }
    Set<String> named = new HashSet<>();
    for (Programme programme : programmes) {
      shelf.named(
          programmes, programme.id(), "id", List.of(programme.id()), ways.names(), "way of life");
      named.add(programme.id());
    }
    for (String growing : ways.growing()) {
      if (!named.contains(growing)) {
        shelf.wrong(
            programmes,
            programmes.stream().findFirst().map(Programme::id).orElse(""),
            "id",
            "the way of life “" + growing + "” has no programme");
      }
    }
    Set<String> known = new HashSet<>();
    shelf
        .raw("taxa")
        .forEach(
            (id, entry) -> known.addAll(List.of(id, Taxon.genusOf(entry.path("name").asText()))));
    for (TrapFeed trap : traps) {
      shelf.named(traps, trap.id(), "of", trap.of(), known, "genus or kind");
    }
  }

  /** Of a kind, by how it lives while it grows. */
  public Programme of(Kind kind) {
    return programmes.find(kind.way().id()).orElseThrow();
  }

  /** How its traps are fed; empty for what has none, or of which that is not known. */
  public Optional<TrapFeed> traps(Kind kind) {
    return kind.taxon()
        .flatMap(
            taxon ->
                Stream.of(taxon.id(), taxon.genus())
                    .flatMap(name -> traps.stream().filter(trap -> trap.of().contains(name)))
                    .findFirst());
  }

  /** Whether a pot may be flushed while its plant has a trouble. */
  public boolean flushable(Cause cause) {
    return !notFlushed.contains(cause.id());
  }

  public List<Leftover> leftovers() {
    return leftovers.stream().toList();
  }
}
