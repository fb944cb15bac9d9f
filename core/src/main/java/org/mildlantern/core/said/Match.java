package org.mildlantern.core.said;

import java.util.List;

/** A phrase with the words of the text that make it, by their numbers. */
record Match(Lexicon.Phrase phrase, List<Integer> at) {
  int first() {
    return at.stream().mapToInt(Integer::intValue).min().orElseThrow();
  }

  int last() {
    return at.stream().mapToInt(Integer::intValue).max().orElseThrow();
  }

  int span() {
    return last() - first();
  }

  Reading.Span span(List<Token> tokens) {
    return new Reading.Span(tokens.get(first()).from(), tokens.get(last()).to());
  }
}
