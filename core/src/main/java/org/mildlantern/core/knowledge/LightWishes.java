package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.light.LongNights;
import org.mildlantern.core.season.LightClass;

/** The light that kinds wish: by kind, else by genus, else by the word that stands for it. */
final class LightWishes {
  private final Map<LightClass, LightWish> words = new HashMap<>();
  private final Map<String, LightWish> named = new HashMap<>();
  private final Map<String, LongNights> nights = new HashMap<>();

  /**
   * What a word for light stands for.
   *
   * @param dli least and most, mol/m² a day
   */
  record OfWord(String id, List<Double> dli) {}

  /**
   * What wishes the same.
   *
   * @param of names of genera and ids of kinds
   */
  record Line(String id, List<String> of, List<Double> dli) {}

  /**
   * What tells the season by the night.
   *
   * @param of names of genera and ids of kinds
   */
  record Nights(
      String id,
      List<String> of,
      double dark,
      int weeks,
      @JsonProperty("for") LongNights.Ends ends) {}

  LightWishes(Shelf shelf) {
    Table<OfWord> ofWords =
        shelf.section("word for light", "light.yaml", "light-words", OfWord.class);
    Table<Line> lines = shelf.section("wish for light", "light.yaml", "light-wishes", Line.class);
    Set<String> known = new HashSet<>();
    // As they stand: a kind with a fault of its own is not said to be missing here.
    shelf
        .raw("taxa")
        .forEach(
            (id, entry) -> known.addAll(List.of(id, Taxon.genusOf(entry.path("name").asText()))));
    for (OfWord word : ofWords) {
      LightWish wish = wish(shelf, ofWords, word.id(), word.dli());
      if (wish != null) {
        words.put(LightClass.of(word.id()), wish);
      }
    }
    for (Line line : lines) {
      shelf.named(lines, line.id(), "of", line.of(), known, "genus or kind");
      LightWish wish = wish(shelf, lines, line.id(), line.dli());
      for (String of : line.of()) {
        if (wish != null && named.put(of, wish) != null) {
          shelf.wrong(lines, line.id(), "of", "“" + of + "” stands in two lines");
        }
      }
    }
    nights(shelf, known);
  }

  private void nights(Shelf shelf, Set<String> known) {
    Table<Nights> table = shelf.section("long night", "light.yaml", "long-nights", Nights.class);
    for (Nights line : table) {
      shelf.named(table, line.id(), "of", line.of(), known, "genus or kind");
      line.of()
          .forEach(of -> nights.put(of, new LongNights(line.dark(), line.weeks(), line.ends())));
    }
  }

  /** Null, with a fault, for a band that is none. */
  private static LightWish wish(Shelf shelf, Table<?> table, String entry, List<Double> dli) {
    try {
      return new LightWish(dli.get(0), dli.get(1));
    } catch (IllegalArgumentException e) {
      shelf.wrong(table, entry, "dli", e.getMessage());
      return null;
    }
  }

  Optional<LongNights> nights(Taxon taxon) {
    return Stream.of(taxon.id(), taxon.genus())
        .filter(nights::containsKey)
        .findFirst()
        .map(nights::get);
  }

  LightWish of(Taxon taxon) {
    return Stream.of(taxon.id(), taxon.genus())
        .filter(named::containsKey)
        .findFirst()
        .map(named::get)
        .orElseGet(() -> words.get(LightClass.of(taxon.light())));
  }
}
