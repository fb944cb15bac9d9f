package org.mildlantern.core.said;

import java.util.List;
import java.util.stream.IntStream;

/** A phrase with the words of the text that make it, by their numbers. */
record Match(Lexicon.Phrase phrase, List<Integer> at) {
  /** Nobody says more in one breath. */
  private static final int NEAR = 40;

  int first() {
    return at.stream().mapToInt(Integer::intValue).min().orElseThrow();
  }

  int last() {
    return at.stream().mapToInt(Integer::intValue).max().orElseThrow();
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
