package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.words.Nearest;

/** Finds the kind that a text names. */
final class Kinds {
  private static final int MOST_WORDS = 4;

  /** Shorter words are too like too many others. */
  private static final int SHORTEST = 6;

  /** Names of so many letters may be off by two, shorter ones by one. Rule of thumb. */
  private static final int LONG = 9;

  private static final int MOST_COMPARED = 60;
  private static final Pattern APOSTROPHE = Pattern.compile("['’]");
  private static final Pattern POSSESSIVE = Pattern.compile(APOSTROPHE.pattern() + "s\\b");

  private final Lexicon lexicon;
  private final Set<String> goods;

  /** By all their names and by their genus, in plain letters; null where several are called so. */
  private final Map<String, Taxon> kinds = new HashMap<>();

  private final Map<Character, List<String>> byLetter;

  Kinds(Knowledge knowledge, Lexicon lexicon) {
    this.lexicon = lexicon;
    this.goods = Set.copyOf(knowledge.wording().particles("goods"));
    List<String> spelt = new ArrayList<>();
    for (Taxon taxon : knowledge.taxa()) {
      printed(taxon).map(Kinds::plain).forEach(spelt::add);
      for (String name : knowledge.namesOf(taxon)) {
        Taxon called = knowledge.isAmbiguous(name) ? null : taxon;
        kinds.putIfAbsent(plain(name), called);
        kinds.putIfAbsent(plain(APOSTROPHE.matcher(name).replaceAll("")), called);
      }
    }
    knowledge.taxa().stream()
        .flatMap(taxon -> Stream.concat(Stream.of(taxon.name()), taxon.synonyms().stream()))
        .map(name -> plain(name).split(" ", 2)[0])
        .distinct()
        .forEach(
            genus -> {
              spelt.add(genus);
              knowledge.taxonNamed(genus).ifPresent(kind -> kinds.putIfAbsent(genus, kind));
            });
    byLetter =
        spelt.stream()
            .distinct()
            .filter(name -> kinds.get(name) != null)
            .collect(Collectors.groupingBy(name -> name.charAt(0)));
  }

  /** The names by which it is known in print, against which a misspelt one is held. */
  private static Stream<String> printed(Taxon taxon) {
    return Stream.of(List.of(taxon.name()), taxon.synonyms(), taxon.common()).flatMap(List::stream);
  }

  /** Without a possessive, hyphens and capitals. */
  private static String plain(String name) {
    return POSSESSIVE.matcher(name).replaceAll("").replace('-', ' ').toLowerCase(Locale.ROOT);
  }

  /**
   * The longest name of a kind that stands in the text, else one that is all but written there,
   * else the longest name of several.
   */
  Optional<Reading.Named> in(String text, List<Token> tokens, Set<Integer> used) {
    Spelt spelt = Spelt.of(text, tokens);
    Reading.Named several = null;
    for (int words = MOST_WORDS; words > 0; words--) {
      for (int i = 0; i + words <= tokens.size(); i++) {
        Reading.Span span = span(tokens, i, words);
        boolean plainWord = words == 1 && lexicon.isFiller(tokens.get(i).stem());
        String name = plain(span(spelt.tokens(), i, words).of(spelt.text()));
        if (plainWord || !kinds.containsKey(name) || isOfGoods(i + words, tokens)) {
          continue;
        }
        if (kinds.get(name) != null) {
          return Optional.of(named(kinds.get(name), span, i, words, used));
        }
        several = several == null ? new Reading.Named(null, span) : several;
      }
    }
    Optional<Reading.Named> misspelt = misspelt(text, tokens, used);
    return misspelt.isPresent() ? misspelt : Optional.ofNullable(several);
  }

  /** “Orchid feed” and “cactus soil” name no plant. */
  private boolean isOfGoods(int next, List<Token> tokens) {
    return next < tokens.size() && goods.contains(tokens.get(next).word());
  }

  /** Words that nothing else is said with are compared with all names of their first letter. */
  private Optional<Reading.Named> misspelt(String text, List<Token> tokens, Set<Integer> used) {
    int compared = 0;
    for (int i = 0; i < tokens.size() && compared < MOST_COMPARED; i++) {
      if (lexicon.isKnown(tokens.get(i).stem())) {
        continue;
      }
      compared++;
      for (int words = Math.min(2, tokens.size() - i); words > 0; words--) {
        Reading.Span span = span(tokens, i, words);
        Optional<Taxon> taxon = like(plain(span.of(text)));
        if (taxon.isPresent()) {
          return Optional.of(named(taxon.get(), span, i, words, used));
        }
      }
    }
    return Optional.empty();
  }

  private Optional<Taxon> like(String typed) {
    if (typed.length() < SHORTEST) {
      return Optional.empty();
    }
    int apart = typed.length() < LONG ? 1 : 2;
    return byLetter.getOrDefault(typed.charAt(0), List.of()).stream()
        .filter(name -> Math.abs(name.length() - typed.length()) <= 1)
        .filter(name -> Nearest.distance(typed, name) <= apart)
        .min(Comparator.comparingInt(name -> Nearest.distance(typed, name)))
        .map(kinds::get);
  }

  private static Reading.Span span(List<Token> tokens, int first, int words) {
    return new Reading.Span(tokens.get(first).from(), tokens.get(first + words - 1).to());
  }

  private static Reading.Named named(
      Taxon taxon, Reading.Span span, int first, int words, Set<Integer> used) {
    for (int w = 0; w < words; w++) {
      used.add(first + w);
    }
    return new Reading.Named(taxon == null ? null : taxon.id(), span);
  }
}
