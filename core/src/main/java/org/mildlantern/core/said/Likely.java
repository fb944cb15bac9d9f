package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What the clauses of a text most likely tell, by what was learned from other texts: what no phrase
 * says in so many words, with the words that speak for it, and whether what a phrase says can be
 * meant there.
 */
final class Likely {
  /** Less likely signs are not told. Tried on texts that were not learned from, as all here. */
  private static final double ENOUGH = 0.85;

  /** A single word tells too little, where there is no phrase for it. */
  private static final int WORDS = 2;

  /** What is less likely was not meant, though there is a phrase for it. */
  private static final double HARDLY = 0.001;

  /** A word that gives less than this share of what the best one gives does not speak for it. */
  private static final double SPEAKS = 0.25;

  private final Learned learned;
  private final List<Token> tokens;
  private final List<int[]> bounds;
  private final List<List<Features.Feature>> clauses;
  private final List<double[]> chances;

  Likely(Learned learned, Features features, List<Token> tokens) {
    this.learned = learned;
    this.tokens = tokens;
    this.bounds = learned.labels().isEmpty() ? List.of() : features.pieces(tokens);
    this.clauses = features.said(bounds, tokens).stream().map(features::of).toList();
    this.chances = clauses.stream().map(learned::chances).toList();
  }

  /** Whether a phrase that was found cannot be meant. */
  boolean isHardly(Match match) {
    Integer label = learned.number(match.phrase().name());
    if (label == null) {
      return false;
    }
    for (int i = 0; i < bounds.size(); i++) {
      boolean there = match.first() < bounds.get(i)[1] && match.last() >= bounds.get(i)[0];
      if (there && chances.get(i)[label] >= HARDLY) {
        return false;
      }
    }
    return true;
  }

  private record Chance(Match match, double chance) {}

  /** Signs, as matches of phrases that were made for the purpose, the likeliest first. */
  List<Match> matches() {
    List<Chance> all = new ArrayList<>();
    for (int i = 0; i < clauses.size(); i++) {
      for (int label = 0; label < chances.get(i).length; label++) {
        String sign = learned.labels().get(label);
        double chance = chances.get(i)[label];
        if (chance >= ENOUGH && sign.indexOf('=') < 0) {
          List<Integer> at = speaking(i, label);
          if (at.size() >= WORDS) {
            all.add(new Chance(Match.of(phrase(sign, at), at), chance));
          }
        }
      }
    }
    return all.stream()
        .sorted(Comparator.comparingDouble(Chance::chance).reversed())
        .map(Chance::match)
        .toList();
  }

  /** The numbers of the words of a clause that speak for a label, the first first. */
  private List<Integer> speaking(int clause, int label) {
    int from = bounds.get(clause)[0];
    double[] gives = new double[bounds.get(clause)[1] - from];
    for (Features.Feature feature : clauses.get(clause)) {
      double weight = learned.weight(feature, label) / Math.max(1, feature.words().size());
      feature.words().forEach(word -> gives[word] += weight);
    }
    double best = IntStream.range(0, gives.length).mapToDouble(i -> gives[i]).max().orElse(0);
    return IntStream.range(0, gives.length)
        .filter(i -> gives[i] > 0 && gives[i] >= SPEAKS * best)
        .mapToObj(i -> from + i)
        .toList();
  }

  private Lexicon.Phrase phrase(String sign, List<Integer> at) {
    return new Lexicon.Phrase(
        sign,
        null,
        null,
        at.stream().map(i -> Set.of(tokens.get(i).stem())).toList(),
        Set.of(),
        0,
        new long[0]);
  }
}
