package org.mildlantern.core.said;

import java.util.List;
import java.util.Map;

/**
 * A number above ten that is written out, as in “forty-five percent” or “two thousand lux”.
 *
 * @param words how many words it takes
 */
record Numeral(int value, int words) {
  private static final Map<String, Integer> ONES =
      Map.of(
          "one", 1, "two", 2, "three", 3, "four", 4, "five", 5, "six", 6, "seven", 7, "eight", 8,
          "nine", 9);

  private static final Map<String, Integer> TEENS =
      Map.of(
          "ten", 10,
          "eleven", 11,
          "twelve", 12,
          "thirteen", 13,
          "fourteen", 14,
          "fifteen", 15,
          "sixteen", 16,
          "seventeen", 17,
          "eighteen", 18,
          "nineteen", 19);

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

  private static final int TEN = 10;
  private static final int HUNDRED = 100;
  private static final int THOUSAND = 1000;

  /** The one that begins at a word, or null; up to ten, words stay words. */
  static Numeral at(int from, List<Token> tokens, String text) {
    int whole = 0;
    int part = 0;
    int end = from;
    for (int i = from; i < tokens.size() && (i == from || isJoined(i, tokens, text)); i++) {
      String word = tokens.get(i).word();
      if (TENS.containsKey(word) && part % HUNDRED == 0) {
        part += TENS.get(word);
      } else if (TEENS.containsKey(word) && part % HUNDRED == 0) {
        part += TEENS.get(word);
      } else if (ONES.containsKey(word) && part % TEN == 0 && part % HUNDRED != TEN) {
        part += ONES.get(word);
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
    return whole + part > TEN ? new Numeral(whole + part, end - from) : null;
  }

  /** Whether nothing but a space or a hyphen parts it from the word before it. */
  private static boolean isJoined(int i, List<Token> tokens, String text) {
    return text.substring(tokens.get(i - 1).to(), tokens.get(i).from()).matches("[ -]");
  }
}
