package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.List;

/**
 * A text with its words written out and spelt as they are meant.
 *
 * @param tokens of this text
 * @param written of each place in it, the place in the text as it was written
 */
record Spelt(String text, List<Token> tokens, List<Integer> written) {
  static Spelt of(String text, List<Token> tokens) {
    StringBuilder meant = new StringBuilder();
    List<Integer> written = new ArrayList<>();
    List<Token> moved = new ArrayList<>();
    int at = 0;
    for (Token token : tokens) {
      copy(text, at, token.from(), meant, written);
      int from = meant.length();
      if (token.word().equals(text.substring(token.from(), token.to()))) {
        copy(text, token.from(), token.to(), meant, written);
      } else {
        meant.append(token.word());
        token.word().chars().forEach(c -> written.add(token.from()));
      }
      moved.add(token.at(from, meant.length()));
      at = token.to();
    }
    copy(text, at, text.length(), meant, written);
    written.add(text.length());
    return new Spelt(meant.toString(), moved, written);
  }

  private static void copy(String text, int from, int to, StringBuilder meant, List<Integer> at) {
    for (int i = from; i < to; i++) {
      meant.append(text.charAt(i));
      at.add(i);
    }
  }

  /** Where a stretch of it was written. */
  Reading.Span written(int from, int to) {
    return new Reading.Span(written.get(from), written.get(to));
  }
}
