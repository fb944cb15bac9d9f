package org.mildlantern.core.said;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as it stands in a text, in figures or written out, as in “forty-five percent” or “10 000
 * lux”.
 *
 * @param unit what stands right behind its figures, as in “25c”
 * @param words how many words it takes
 */
record Numeral(double value, String unit, int words) {
  /** Up to nineteen. */
  static final Map<String, Integer> SMALL =
      Map.ofEntries(
          Map.entry("one", 1),
          Map.entry("two", 2),
          Map.entry("three", 3),
          Map.entry("four", 4),
          Map.entry("five", 5),
          Map.entry("six", 6),
          Map.entry("seven", 7),
          Map.entry("eight", 8),
          Map.entry("nine", 9),
          Map.entry("ten", 10),
          Map.entry("eleven", 11),
          Map.entry("twelve", 12),
          Map.entry("thirteen", 13),
          Map.entry("fourteen", 14),
          Map.entry("fifteen", 15),
          Map.entry("sixteen", 16),
          Map.entry("seventeen", 17),
          Map.entry("eighteen", 18),
          Map.entry("nineteen", 19));

  private static final Map<String, Integer> TENS =
      Map.of(
          "twenty", 20,
          "thirty", 30,
          "forty", 40,
          "fifty", 50,
          "sixty", 60,
          "seventy", 70,
          "eighty", 80,
          "ninety", 90);

  /** Of a dot nobody knows whether it parts thousands, but where tenths make no sense. */
  private static final Pattern GROUPED =
      Pattern.compile(
          "[1-9]\\d{0,2}(?:,\\d{3}|[ \u00a0\u2009]\\d{3}|\\.\\d{3}(?= ?lu?x\\b))(?!\\w|[,.]\\d)");

  private static final Pattern FIGURES = Pattern.compile("(\\d+(?:[.,]\\d+)?)(\\p{L}*)");

  private static final int TEN = 10;
  private static final int HUNDRED = 100;
  private static final int THOUSAND = 1000;

  /** The one that begins at a word, or null. */
  static Numeral at(int from, List<Token> tokens, String text) {
    if (from >= tokens.size()) {
      return null;
    }
    Numeral large = large(from, tokens, text);
    Token token = tokens.get(from);
    Integer small = SMALL.get(token.word());
    if (large != null || small != null) {
      return large != null ? large : new Numeral(small, "", 1);
    }
    Matcher figures = FIGURES.matcher(text.substring(token.from(), token.to()));
    return figures.matches()
        ? new Numeral(Double.parseDouble(figures.group(1).replace(',', '.')), figures.group(2), 1)
        : null;
  }

  /** One above ten that is written out, or has its thousands apart; else null. */
  static Numeral large(int from, List<Token> tokens, String text) {
    if (Character.isDigit(text.charAt(tokens.get(from).from()))) {
      return grouped(from, tokens, text);
    }
    int whole = 0;
    int part = 0;
    int end = from;
    for (int i = from; i < tokens.size() && (i == from || isJoined(i, tokens, text)); i++) {
      String word = tokens.get(i).word();
      int small = SMALL.getOrDefault(word, TENS.getOrDefault(word, 0));
      if (small > 0 && follows(small, part)) {
        part += small;
      } else if (word.equals("a") && i == from) {
        part = 1;
        continue;
      } else if (word.equals("hundred") && part > 0 && part < HUNDRED) {
        part *= HUNDRED;
      } else if (word.equals("thousand") && part > 0) {
        whole = part * THOUSAND;
        part = 0;
      } else if (word.equals("and") && i > from && part % HUNDRED == 0) {
        continue;
      } else {
        break;
      }
      end = i + 1;
    }
    return whole + part > TEN ? new Numeral(whole + part, "", end - from) : null;
  }

  private static Numeral grouped(int from, List<Token> tokens, String text) {
    Matcher grouped = GROUPED.matcher(text).region(tokens.get(from).from(), text.length());
    if (!grouped.useTransparentBounds(true).lookingAt()) {
      return null;
    }
    boolean apart = from + 1 < tokens.size() && tokens.get(from + 1).to() == grouped.end();
    return new Numeral(Integer.parseInt(grouped.group().replaceAll("\\D", "")), "", apart ? 2 : 1);
  }

  /** “Three” follows nothing, hundreds and twenty; “thirteen” and “thirty” nothing and hundreds. */
  private static boolean follows(int small, int part) {
    return part % HUNDRED == 0 || small < TEN && part % TEN == 0 && part % HUNDRED != TEN;
  }

  /** Whether nothing but a space or a hyphen parts it from the word before it. */
  private static boolean isJoined(int i, List<Token> tokens, String text) {
    return text.substring(tokens.get(i - 1).to(), tokens.get(i).from()).matches("[ -]");
  }

  /** In figures, with its unit. */
  String written() {
    boolean whole = value == Math.rint(value);
    return (whole ? String.valueOf((long) value) : String.valueOf(value)) + unit;
  }
}
