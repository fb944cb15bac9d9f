package org.mildlantern.core.said;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Two figures between which a third lies, as in “5 to 7 days”, “20–25 °C” or “two or three weeks”,
 * told by their middle.
 */
final class Range {
  private static final Pattern HYPHEN = Pattern.compile(" ?[-\u2013] ?");
  private static final Set<String> JOINS = Set.of("to", "or");

  /** Before it, it tells of two times and not of one. */
  private static final String FROM = "from";

  private static final String BETWEEN = "between";

  /** What lies further apart than that tells of two times too. Rule of thumb. */
  private static final double TIMES = 2;

  private static final double BESIDES = 3;

  private Range() {}

  /** The middle of the one that begins at a word, with the unit of the second figure; or null. */
  static Numeral at(int from, List<Token> tokens, String text) {
    Numeral low = Numeral.at(from, tokens, text);
    if (low == null || !low.unit().isEmpty() || isPartOfMore(from, tokens, text)) {
      return null;
    }
    int second = joined(from, from + low.words(), tokens, text);
    Numeral high = second < 0 ? null : Numeral.at(second, tokens, text);
    if (high == null
        || high.value() <= low.value()
        || high.value() > TIMES * low.value() + BESIDES) {
      return null;
    }
    int end = second + high.words();
    if (text.startsWith("-", tokens.get(end - 1).to())) {
      return null;
    }
    return new Numeral((low.value() + high.value()) / 2, high.unit(), end - from);
  }

  /** Whether it ends a date or a number below zero, or is where something began. */
  private static boolean isPartOfMore(int at, List<Token> tokens, String text) {
    int start = tokens.get(at).from();
    return start > 0 && "-/.\u2013".indexOf(text.charAt(start - 1)) >= 0
        || at > 0 && tokens.get(at - 1).word().equals(FROM);
  }

  /** The word with the second figure, or -1. */
  private static int joined(int from, int next, List<Token> tokens, String text) {
    if (next >= tokens.size()) {
      return -1;
    }
    Token token = tokens.get(next);
    if (HYPHEN.matcher(text.substring(tokens.get(next - 1).to(), token.from())).matches()) {
      return next;
    }
    boolean joins =
        JOINS.contains(token.word())
            || token.word().equals("and")
                && from > 0
                && tokens.get(from - 1).word().equals(BETWEEN);
    return joins ? next + 1 : -1;
  }
}
