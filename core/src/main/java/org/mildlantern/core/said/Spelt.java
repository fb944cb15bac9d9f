package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.List;

/**
 * A text with its words written out and spelt as they are meant, numbers in figures, and of two
 * between which something lies their middle.
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
    for (int i = 0; i < tokens.size(); ) {
      Numeral numeral = numeral(i, tokens, text);
      int words = numeral == null ? 1 : numeral.words();
      Token first = tokens.get(i);
      Token last = tokens.get(i + words - 1);
      String spelt = numeral == null ? first.word() : numeral.written();
      copy(text, at, first.from(), meant, written);
      int from = meant.length();
      if (spelt.equals(text.substring(first.from(), last.to()))) {
        copy(text, first.from(), last.to(), meant, written);
      } else {
        meant.append(spelt);
        spelt.chars().forEach(c -> written.add(first.from()));
      }
      for (Token token : tokens.subList(i, i + words)) {
        moved.add(token.at(from, meant.length()));
      }
      at = last.to();
      i += words;
    }
    copy(text, at, text.length(), meant, written);
    written.add(text.length());
    return new Spelt(meant.toString(), moved, written);
  }

  /** The number that begins at a word, or null; up to ten, words stay words. */
  private static Numeral numeral(int at, List<Token> tokens, String text) {
    Numeral middle = Range.at(at, tokens, text);
    return middle != null ? middle : Numeral.large(at, tokens, text);
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
