package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Wording;

/** Mends words that nobody knows where one slip of the finger makes them a word of the lexicon. */
final class Spelling {
  /** Shorter words are a slip away from too many others. Rule of thumb. */
  private static final int SHORTEST = 4;

  private static final Pattern NO_LETTERS = Pattern.compile("[^a-z]+");

  private final Tokens words;
  private final Predicate<String> known;

  /** How often each word stands in the lexicon; 0 of one that only names a kind. */
  private final Map<String, Integer> counts = new HashMap<>();

  /** Words by what is left of them without one of their letters, or with all. */
  private final Map<String, List<String>> byRest = new HashMap<>();

  /**
   * Of the words of the lexicon.
   *
   * @param known whether a stem is one of a word of the language
   */
  Spelling(Knowledge knowledge, Tokens words, Predicate<String> known) {
    this.words = words;
    this.known = known;
    Stream.concat(
            knowledge.wording().all().map(Wording.Say::say),
            knowledge.signs().stream().map(sign -> sign.words()))
        .flatMap(List::stream)
        .flatMap(NO_LETTERS::splitAsStream)
        .filter(word -> word.length() >= SHORTEST)
        .forEach(word -> counts.merge(word, 1, Integer::sum));
    knowledge.taxa().stream()
        .flatMap(taxon -> knowledge.namesOf(taxon).stream())
        .flatMap(name -> NO_LETTERS.splitAsStream(name.toLowerCase(Locale.ROOT)))
        .filter(word -> word.length() >= SHORTEST)
        .forEach(word -> counts.putIfAbsent(word, 0));
    for (String word : counts.keySet()) {
      rests(word).forEach(rest -> byRest.computeIfAbsent(rest, r -> new ArrayList<>()).add(word));
    }
  }

  /** The same words, those that were mended with the word and the stem that were meant. */
  List<Token> mended(List<Token> tokens) {
    return tokens.stream().map(token -> meant(token).map(token::meaning).orElse(token)).toList();
  }

  private Optional<Tokens.Word> meant(Token token) {
    String word = token.word();
    if (word.length() < SHORTEST
        || NO_LETTERS.matcher(word).find()
        || counts.containsKey(word)
        || known.test(token.stem())) {
      return Optional.empty();
    }
    return rests(word)
        .flatMap(rest -> byRest.getOrDefault(rest, List.of()).stream())
        .filter(other -> other.charAt(0) == word.charAt(0) && isSlip(word, other))
        .max(
            Comparator.<String, Boolean>comparing(other -> endsAlike(word, other))
                .thenComparing(counts::get)
                .thenComparing(other -> other))
        .map(other -> new Tokens.Word(other, words.stem(other)));
  }

  /** “Waterd” is “watered” and no “water”. */
  private static boolean endsAlike(String one, String other) {
    return one.charAt(one.length() - 1) == other.charAt(other.length() - 1);
  }

  private static Stream<String> rests(String word) {
    return Stream.concat(
        Stream.of(word),
        IntStream.range(1, word.length())
            .mapToObj(i -> word.substring(0, i) + word.substring(i + 1)));
  }

  /** Whether a letter is missing, too much, another, or changed places with the next. */
  private static boolean isSlip(String one, String other) {
    int same = 0;
    int shorter = Math.min(one.length(), other.length());
    while (same < shorter && one.charAt(same) == other.charAt(same)) {
      same++;
    }
    String a = one.substring(same);
    String b = other.substring(same);
    if (a.length() != b.length()) {
      return a.length() > b.length() ? a.substring(1).equals(b) : b.substring(1).equals(a);
    }
    return a.length() < 2
        || a.substring(1).equals(b.substring(1))
        || a.charAt(0) == b.charAt(1)
            && a.charAt(1) == b.charAt(0)
            && a.substring(2).equals(b.substring(2));
  }
}
