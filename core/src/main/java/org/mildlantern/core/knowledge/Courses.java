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
import org.mildlantern.core.season.BloomYear;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.RestSigns;

/** How kinds go through their year: by kind, else by genus. */
final class Courses {
  private final Map<String, BloomYear> blooms;
  private final Map<String, RestSigns> rests;

  Courses(Shelf shelf) {
    Set<String> known = new HashSet<>();
    shelf
        .raw("taxa")
        .forEach(
            (id, entry) -> known.addAll(List.of(id, Taxon.genusOf(entry.path("name").asText()))));
    blooms =
        named(
            shelf,
            shelf.section("year", "seasons.yaml", "years", BloomYear.class),
            BloomYear::id,
            BloomYear::of,
            known);
    rests =
        named(
            shelf,
            shelf.section("sign of rest", "seasons.yaml", "rest-signs", RestSigns.class),
            RestSigns::id,
            RestSigns::of,
            known);
  }

  private static <T> Map<String, T> named(
      Shelf shelf,
      Table<T> lines,
      Function<T, String> id,
      Function<T, List<String>> of,
      Set<String> known) {
    Map<String, T> named = new HashMap<>();
    for (T line : lines) {
      shelf.named(lines, id.apply(line), "of", of.apply(line), known, "genus or kind");
      for (String one : of.apply(line)) {
        if (named.put(one, line) != null) {
          shelf.wrong(lines, id.apply(line), "of", "“" + one + "” stands in two lines");
        }
      }
    }
    return named;
  }

  /** How a kind goes through its year. */
  Course course(Kind kind) {
    Rest rest = kind.habits().rest();
    return new Course(
        switch (rest.as()) {
          case NONE -> Course.RestKind.NONE;
          case DRY -> Course.RestKind.DRY;
          case DRIER -> Course.RestKind.COOL;
          case DAMP -> Course.RestKind.MOIST_COLD;
        },
        rest.months(),
        kind.taxon().flatMap(taxon -> of(taxon, rests)).orElse(null),
        kind.taxon().flatMap(taxon -> of(taxon, blooms)).orElse(null),
        kind.way().repot(),
        kind.way().isOneOf(List.of("conifer", "hardy-tree")));
  }

  private static <T> Optional<T> of(Taxon taxon, Map<String, T> named) {
    return Stream.of(taxon.id(), taxon.genus())
        .filter(named::containsKey)
        .findFirst()
        .map(named::get);
  }
}
