package org.mildlantern.core.said;

import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Two figures between which a third lies, as in “5 to 7 days”, “20–25 °C” or “two or three weeks”,
 * told by their middle.
 *
 * @param middle as it is written, with what stands right behind the second
 * @param words how many words it takes
 */
record Range(String middle, int words) {
  private static final Pattern FIGURE = Pattern.compile("(\\d+(?:[.,]\\d+)?)(\\p{L}*)");
  private static final Pattern HYPHEN = Pattern.compile(" ?[-\u2013] ?");
  private static final Set<String> JOINS = Set.of("to", "or");

  /** Before it, it tells of two times and not of one. */
  private static final String FROM = "from";

  private static final String BETWEEN = "between";

  /** What lies further apart than that tells of two times too. Rule of thumb. */
  private static final double TIMES = 2;

  private static final double BESIDES = 3;

  /** The one that begins at a word, or null. */
  static Range at(int from, List<Token> tokens, String text) {
    Figure low = figure(from, tokens, text);
    if (low == null || !low.unit.isEmpty() || isPartOfMore(from, tokens, text)) {
      return null;
    }
    int second = joined(from, from + low.words, tokens, text);
    Figure high = second < 0 ? null : figure(second, tokens, text);
    if (high == null || high.value <= low.value || high.value > TIMES * low.value + BESIDES) {
      return null;
    }
    int end = second + high.words;
    if (text.startsWith("-", tokens.get(end - 1).to())) {
      return null;
    }
    return new Range(written((low.value + high.value) / 2) + high.unit, end - from);
  }

  private static String written(double middle) {
    return middle == Math.rint(middle) ? String.valueOf((long) middle) : String.valueOf(middle);
  }

  private record Figure(double value, String unit, int words) {}

  private static Figure figure(int at, List<Token> tokens, String text) {
    if (at >= tokens.size()) {
      return null;
    }
    Numeral numeral = Numeral.at(at, tokens, text);
    if (numeral != null) {
      return new Figure(numeral.value(), "", numeral.words());
    }
    Token token = tokens.get(at);
    Integer small = Numeral.SMALL.get(token.word());
    if (small != null) {
      return new Figure(small, "", 1);
    }
    Matcher figure = FIGURE.matcher(text.substring(token.from(), token.to()));
    return figure.matches()
        ? new Figure(Double.parseDouble(figure.group(1).replace(',', '.')), figure.group(2), 1)
        : null;
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
