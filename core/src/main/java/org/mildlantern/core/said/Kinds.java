package org.mildlantern.core.said;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;

/** Finds the kind that a text names. */
final class Kinds {
  private static final int MOST_WORDS = 4;

  private final Lexicon lexicon;

  /** By all their names and by their genus, in plain letters. */
  private final Map<String, Taxon> kinds = new HashMap<>();

  Kinds(Knowledge knowledge, Lexicon lexicon) {
    this.lexicon = lexicon;
    for (Taxon taxon : knowledge.taxa()) {
      names(taxon).forEach(name -> kinds.putIfAbsent(plain(name), taxon));
    }
    for (Taxon taxon : knowledge.taxa()) {
      Stream.concat(Stream.of(taxon.name()), taxon.synonyms().stream())
          .map(name -> plain(name).split(" ", 2)[0])
          .forEach(
              genus ->
                  knowledge.taxonNamed(genus).ifPresent(kind -> kinds.putIfAbsent(genus, kind)));
    }
  }

  private static Stream<String> names(Taxon taxon) {
    return Stream.of(List.of(taxon.name()), taxon.synonyms(), taxon.common()).flatMap(List::stream);
  }

  /** Without a possessive, hyphens and capitals. */
  private static String plain(String name) {
    return name.replaceAll("['’]s\\b", "").replace('-', ' ').toLowerCase(Locale.ROOT);
  }

  /** The longest name of a kind that stands in the text. */
  Optional<Reading.Named> in(String text, List<Token> tokens, Set<Integer> used) {
    for (int words = MOST_WORDS; words > 0; words--) {
      for (int i = 0; i + words <= tokens.size(); i++) {
        String name = text.substring(tokens.get(i).from(), tokens.get(i + words - 1).to());
        if (words == 1 && lexicon.isFiller(tokens.get(i).stem())) {
          continue;
        }
        Optional<Taxon> taxon = Optional.ofNullable(kinds.get(plain(name)));
        if (taxon.isPresent()) {
          for (int w = 0; w < words; w++) {
            used.add(i + w);
          }
          return Optional.of(
              new Reading.Named(
                  taxon.get().id(),
                  new Reading.Span(tokens.get(i).from(), tokens.get(i + words - 1).to())));
        }
      }
    }
    return Optional.empty();
  }
}
