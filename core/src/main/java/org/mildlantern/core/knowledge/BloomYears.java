package org.mildlantern.core.knowledge;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.season.BloomYear;
import org.mildlantern.core.season.Course;

/** What brings kinds into flower: by kind, else by genus. */
final class BloomYears {
  private final Map<String, BloomYear> named = new HashMap<>();

  BloomYears(Shelf shelf) {
    Table<BloomYear> years = shelf.section("year", "seasons.yaml", "years", BloomYear.class);
    Set<String> known = new HashSet<>();
    shelf
        .raw("taxa")
        .forEach(
            (id, entry) -> known.addAll(List.of(id, Taxon.genusOf(entry.path("name").asText()))));
    for (BloomYear year : years) {
      shelf.named(years, year.id(), "of", year.of(), known, "genus or kind");
      for (String of : year.of()) {
        if (named.put(of, year) != null) {
          shelf.wrong(years, year.id(), "of", "“" + of + "” stands in two lines");
        }
      }
    }
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
        kind.taxon().flatMap(this::of).orElse(null),
        kind.way().repot(),
        kind.way().isOneOf(List.of("conifer", "hardy-tree")));
  }

  private Optional<BloomYear> of(Taxon taxon) {
    return Stream.of(taxon.id(), taxon.genus())
        .filter(named::containsKey)
        .findFirst()
        .map(named::get);
  }
}
