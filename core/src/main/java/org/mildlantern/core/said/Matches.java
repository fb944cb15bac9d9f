package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Finds the phrases of the lexicon in a text, and the part that each word speaks of. */
final class Matches {
  /** Words further apart than this many besides their number do not belong together. */
  private static final int SLACK = 6;

  private final Lexicon lexicon;

  Matches(Lexicon lexicon) {
    this.lexicon = lexicon;
  }

  /** The phrases in a text, those of most words first. */
  List<Match> of(List<Token> tokens) {
    List<String> subjects = subjects(tokens);
    Map<Integer, Map<String, List<Integer>>> byClause = new HashMap<>();
    Map<Integer, Map<String, List<Integer>>> bySentence = new HashMap<>();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      index(byClause, token.clause(), token.stem(), i);
      index(bySentence, token.sentence(), token.stem(), i);
    }
    Set<Match> found = new LinkedHashSet<>();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      for (Lexicon.Phrase phrase : lexicon.phrases(token.stem())) {
        match(
                phrase,
                i,
                phrase.told() != null
                    ? bySentence.get(token.sentence())
                    : byClause.get(token.clause()))
            .filter(m -> speaksOf(m, tokens, subjects))
            .ifPresent(found::add);
      }
    }
    return found.stream()
        .sorted(
            Comparator.comparingDouble((Match m) -> -m.phrase().weight())
                .thenComparingInt(Match::span)
                .thenComparingInt(Match::first))
        .toList();
  }

  private static void index(
      Map<Integer, Map<String, List<Integer>>> index, int part, String stem, int at) {
    index
        .computeIfAbsent(part, p -> new HashMap<>())
        .computeIfAbsent(stem, s -> new ArrayList<>())
        .add(at);
  }

  /** The phrase around a word, each of its items by the nearest word that will do. */
  private static Optional<Match> match(
      Lexicon.Phrase phrase, int around, Map<String, List<Integer>> clause) {
    List<Integer> at = new ArrayList<>();
    for (int i = 0; i < phrase.items().size(); i++) {
      if (phrase.next().contains(i)) {
        at.add(at.get(i - 1) + 1);
        continue;
      }
      int best = -1;
      for (String stem : phrase.items().get(i)) {
        for (int position : clause.getOrDefault(stem, List.of())) {
          boolean nearer = best < 0 || Math.abs(position - around) < Math.abs(best - around);
          if (nearer && !at.contains(position) && isFollowed(phrase, i, position, clause)) {
            best = position;
          }
        }
      }
      if (best < 0) {
        return Optional.empty();
      }
      at.add(best);
    }
    Match match = new Match(phrase, List.copyOf(at));
    return match.span() <= phrase.items().size() - 1 + SLACK
        ? Optional.of(match)
        : Optional.empty();
  }

  /** Whether the items that must follow the one at a position do. */
  private static boolean isFollowed(
      Lexicon.Phrase phrase, int item, int position, Map<String, List<Integer>> clause) {
    for (int i = item + 1; phrase.next().contains(i); i++) {
      int wanted = position + i - item;
      if (phrase.items().get(i).stream()
          .noneMatch(stem -> clause.getOrDefault(stem, List.of()).contains(wanted))) {
        return false;
      }
    }
    return true;
  }

  /**
   * The part that each word speaks of: the next word's when that names one, else the last one named
   * before it, else the next.
   */
  private List<String> subjects(List<Token> tokens) {
    List<String> subjects = new ArrayList<>();
    String last = "";
    for (int i = 0; i < tokens.size(); i++) {
      String own = subject(tokens.get(i));
      String next =
          i + 1 < tokens.size() && tokens.get(i + 1).clause() == tokens.get(i).clause()
              ? subject(tokens.get(i + 1))
              : "";
      if (!own.isEmpty()) {
        last = own;
      }
      subjects.add(!own.isEmpty() ? own : !next.isEmpty() ? next : last);
    }
    return subjects;
  }

  private String subject(Token token) {
    return lexicon.subjects(token.stem()).stream()
        .filter(name -> !name.equals("plant") && !name.equals("water"))
        .findFirst()
        .orElse("");
  }

  private boolean speaksOf(Match match, List<Token> tokens, List<String> subjects) {
    String wanted = match.phrase().subject();
    if (wanted == null) {
      return true;
    }
    if (wanted.equals("plant")) {
      return match.at().stream()
          .allMatch(i -> subjects.get(i).isEmpty() || subjects.get(i).equals("leaf"));
    }
    return match.at().stream()
            .anyMatch(i -> subjects.get(i).equals(wanted) && subject(tokens.get(i)).isEmpty())
        || match.at().stream().allMatch(i -> subjects.get(i).equals(wanted));
  }
}
