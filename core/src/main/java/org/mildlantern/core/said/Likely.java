package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What the clauses of a text most likely tell, by what was learned from other texts: what no phrase
 * says in so many words, with the words that speak for it, and whether what a phrase says can be
 * meant there.
 */
final class Likely {
  /** What is less likely is not told. Tried on texts that were not learned from, as all here. */
  private static final double ENOUGH = odds(0.73);

  /** What is less likely is not even offered. */
  private static final double LEAST = odds(0.06);

  /** What is less likely was not meant, though there is a phrase for it. */
  private static final double HARDLY = odds(0.45);

  /** The same where the part that a phrase speaks of was named in another clause. */
  private static final double HARDLY_THERE = odds(0.1);

  /** A word that gives less than this share of what the best one gives does not speak for it. */
  private static final double SPEAKS = 0.25;

  /**
   * What is said in the words of a phrase is so much likelier than it would be without, in log
   * odds; this and the next were fitted to what was read of 420 texts that were not learned from.
   */
  private static final double IN_A_PHRASE = 0.8;

  /** The same of what only was learned. */
  private static final double IN_NO_PHRASE = -0.4;

  /** What is likelier is taken to be said plainly. Rule of thumb. */
  private static final double PLAIN = odds(0.9);

  private final Learned learned;
  private final Lexicon lexicon;
  private final List<Token> tokens;
  private final List<int[]> bounds;
  private final List<Learned.Weighed> weighed;

  Likely(Learned learned, Lexicon lexicon, Clauses clauses, List<Token> tokens) {
    this.learned = learned;
    this.lexicon = lexicon;
    this.tokens = tokens;
    this.bounds = learned.labels().isEmpty() ? List.of() : clauses.pieces(tokens);
    Map<List<String>, Learned.Weighed> known = new HashMap<>();
    this.weighed =
        bounds.stream()
            .map(one -> known.computeIfAbsent(Clauses.stems(one, tokens), learned::weighed))
            .toList();
  }

  /**
   * Whether a phrase that was found cannot be meant; where its part was named in another clause,
   * less is known.
   */
  boolean isHardly(Match match) {
    List<Integer> labels = labels(match);
    String part = match.phrase().subject();
    return !labels.isEmpty()
        && where(match)
            .noneMatch(
                i -> odds(labels, i) >= (part == null || isNamed(part, i) ? HARDLY : HARDLY_THERE));
  }

  /**
   * How sure it is that a phrase was meant, 0 to 1. A circumstance that is told in so many words
   * is: of seventy that were doubted sixty-seven were meant.
   */
  double sure(Match match) {
    List<Integer> labels = labels(match);
    return labels.isEmpty() || match.phrase().told() != null
        ? 1
        : where(match).mapToDouble(i -> sure(odds(labels, i) + IN_A_PHRASE)).max().orElse(1);
  }

  /** What says it when it was learned: an open word is meant where one of its signs is. */
  private List<Integer> labels(Match match) {
    return Stream.concat(
            Stream.of(match.phrase().name()), lexicon.meant(match.phrase().id()).stream())
        .map(learned::number)
        .filter(Objects::nonNull)
        .toList();
  }

  private double odds(List<Integer> labels, int clause) {
    float[] odds = weighed.get(clause).odds();
    return labels.stream().mapToDouble(label -> odds[label]).max().orElseThrow();
  }

  /** How sure it is that it was said, 0 to 1. */
  double sure(Chance chance) {
    return sure(chance.odds() + IN_NO_PHRASE);
  }

  private static double sure(double odds) {
    return odds >= PLAIN ? 1 : 1 / (1 + Math.exp(-odds));
  }

  /** The clauses in which it stands. */
  private IntStream where(Match match) {
    return IntStream.range(0, bounds.size())
        .filter(i -> match.first() < bounds.get(i)[1] && match.last() >= bounds.get(i)[0]);
  }

  private boolean isNamed(String part, int clause) {
    return Clauses.stems(bounds.get(clause), tokens).stream()
        .anyMatch(stem -> lexicon.subjects(stem).contains(part));
  }

  /**
   * What a clause likely tells.
   *
   * @param name the sign or open word, or the circumstance as {@code field=value}
   */
  record Chance(String name, double odds, int clause, int label) {
    boolean isTold() {
      return name.indexOf('=') > 0;
    }

    /** Whether it is not told, whatever else is said. */
    boolean isUnlikely() {
      return odds < ENOUGH;
    }
  }

  /** What they may tell, the likeliest first; what is unlikely only where it is likeliest. */
  List<Chance> chances() {
    List<Chance> all = new ArrayList<>();
    Chance[] unlikely = new Chance[learned.labels().size()];
    for (int clause = 0; clause < weighed.size(); clause++) {
      float[] odds = weighed.get(clause).odds();
      for (int label = 0; label < odds.length; label++) {
        if (odds[label] < LEAST || unlikely[label] != null && odds[label] <= unlikely[label].odds) {
          continue;
        }
        Chance one = new Chance(learned.labels().get(label), odds[label], clause, label);
        if (!one.isUnlikely()) {
          all.add(one);
        } else if (!one.isTold()) {
          unlikely[label] = one;
        }
      }
    }
    Stream.of(unlikely).filter(Objects::nonNull).forEach(all::add);
    all.sort(Comparator.comparingDouble(Chance::odds).reversed());
    return all;
  }

  /** As a match of a phrase that is made for the purpose. */
  Match match(Chance chance) {
    List<Integer> at = speaking(chance.clause(), chance.label());
    String[] told = chance.name().split("=", 2);
    List<Set<String>> items = at.stream().map(i -> Set.of(tokens.get(i).stem())).toList();
    Reading.Value value = told.length == 1 ? null : Reading.Value.written(told[0], told[1]);
    return Match.of(new Lexicon.Phrase(told[0], value, null, items, Set.of(), 0, new long[0]), at);
  }

  /** The numbers of the words of a clause that speak for a label, the first first. */
  private List<Integer> speaking(int clause, int label) {
    int from = bounds.get(clause)[0];
    double[] gives = weighed.get(clause).says(label);
    double best = Arrays.stream(gives).max().orElse(0);
    return IntStream.range(0, gives.length)
        .filter(i -> gives[i] >= (best > 0 ? SPEAKS * best : best))
        .mapToObj(i -> from + i)
        .toList();
  }

  private static double odds(double chance) {
    return Math.log(chance / (1 - chance));
  }
}
