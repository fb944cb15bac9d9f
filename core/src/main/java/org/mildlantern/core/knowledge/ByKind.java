package org.mildlantern.core.knowledge;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;

/**
 * Lines of knowledge that are each for some genera or kinds; that of a kind goes before its genus.
 */
final class ByKind<T> {
  private final Map<String, T> named = new HashMap<>();

  /** Notes each name that is no genus or kind, and each that stands in two lines. */
  ByKind(Shelf shelf, Table<T> lines, Function<T, String> id, Function<T, List<String>> of) {
    Set<String> known = new HashSet<>();
    shelf
        .raw("taxa")
        .forEach(
            (kind, entry) ->
                known.addAll(List.of(kind, Taxon.genusOf(entry.path("name").asText()))));
    for (T line : lines) {
      shelf.named(lines, id.apply(line), "of", of.apply(line), known, "genus or kind");
      for (String one : of.apply(line)) {
        if (named.put(one, line) != null) {
          shelf.wrong(lines, id.apply(line), "of", "“" + one + "” stands in two lines");
        }
      }
    }
  }

  /** The line of a kind; empty where there is none, and while it is not known what it is. */
  Optional<T> of(Kind kind) {
    return kind.taxon()
        .flatMap(
            taxon ->
                Stream.of(taxon.id(), taxon.genus())
                    .filter(named::containsKey)
                    .findFirst()
                    .map(named::get));
  }
}
