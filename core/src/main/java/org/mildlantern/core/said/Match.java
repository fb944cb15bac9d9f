package org.mildlantern.core.said;

import java.util.List;
import java.util.stream.IntStream;

/**
 * A phrase with the words of the text that make it, by their numbers.
 *
 * @param at in the order of the phrase
 * @param first of the text
 * @param last of the text
 */
record Match(Lexicon.Phrase phrase, List<Integer> at, int first, int last) {
  /** Nobody says more in one breath. */
  private static final int NEAR = 40;

  static Match of(Lexicon.Phrase phrase, List<Integer> at) {
    int first = at.get(0);
    int last = first;
    for (int position : at) {
      first = Math.min(first, position);
      last = Math.max(last, position);
    }
    return new Match(phrase, List.copyOf(at), first, last);
  }

  /** The words of its clause that stand near it, by their numbers. */
  IntStream clause(List<Token> tokens) {
    int clause = tokens.get(first()).clause();
    int from = Math.max(0, first() - NEAR);
    int to = Math.min(tokens.size(), last() + NEAR);
    return IntStream.range(from, to).filter(i -> tokens.get(i).clause() == clause);
  }

  int span() {
    return last() - first();
  }

  Reading.Span span(List<Token> tokens) {
    return new Reading.Span(tokens.get(first()).from(), tokens.get(last()).to());
  }
}
