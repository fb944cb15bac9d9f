package org.mildlantern.core.said;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Sign;

/**
 * Signs that words which were not understood may mean: those whose phrases and names share most of
 * them, a word that few signs share counting for more (Spärck Jones 1972).
 */
final class Guesses {
  private static final int MOST = 3;

  /** So much must be shared, in nats; what all signs share tells nothing. Rule of thumb. */
  private static final double LEAST = 5;

  /** And so large a share of what the best guess has. Rule of thumb. */
  private static final double BESIDE_BEST = 0.6;

  private final Map<String, Set<String>> wordsOf = new HashMap<>();
  private final Map<String, Double> tells = new HashMap<>();

  Guesses(Knowledge knowledge, Lexicon lexicon, Tokens tokens) {
    Map<String, Set<String>> bySign = lexicon.wordsBySign();
    for (Sign sign : knowledge.signs()) {
      Set<String> words = new HashSet<>(bySign.getOrDefault(sign.id(), Set.of()));
      tokens.of(sign.label()).forEach(token -> words.add(token.stem()));
      sign.words().forEach(say -> tokens.of(say).forEach(token -> words.add(token.stem())));
      words.removeIf(lexicon::isFiller);
      wordsOf.put(sign.id(), words);
    }
    Map<String, Long> signs =
        wordsOf.values().stream()
            .flatMap(Set::stream)
            .collect(Collectors.groupingBy(word -> word, Collectors.counting()));
    signs.forEach((word, by) -> tells.put(word, Math.log((double) wordsOf.size() / by)));
  }

  /** The likeliest first; none when nothing is like enough. */
  List<String> of(List<Token> said, Predicate<String> possible) {
    Set<String> words = said.stream().map(Token::stem).collect(Collectors.toSet());
    Map<String, Double> shared = new HashMap<>();
    wordsOf.forEach(
        (sign, known) ->
            shared.put(sign, words.stream().filter(known::contains).mapToDouble(tells::get).sum()));
    double best =
        shared.entrySet().stream()
            .filter(one -> possible.test(one.getKey()))
            .mapToDouble(Map.Entry::getValue)
            .max()
            .orElse(0);
    double enough = Math.max(LEAST, BESIDE_BEST * best);
    return shared.entrySet().stream()
        .filter(one -> one.getValue() >= enough && possible.test(one.getKey()))
        .sorted(
            Comparator.comparingDouble((Map.Entry<String, Double> one) -> -one.getValue())
                .thenComparing(Map.Entry::getKey))
        .limit(MOST)
        .map(Map.Entry::getKey)
        .toList();
  }
}
