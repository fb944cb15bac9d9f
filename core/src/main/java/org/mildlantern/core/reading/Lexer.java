package org.mildlantern.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a line into {@link Part}s. Never throws, whatever the line. */
final class Lexer {
  private static final String DECIMAL = "\\d{1,12}(?:[.,]\\d{1,12})*";
  private static final String FRACTIONS = "¼½¾⅓⅔⅛";
  private static final Map<Character, Double> FRACTION =
      Map.of('¼', 0.25, '½', 0.5, '¾', 0.75, '⅓', 1.0 / 3, '⅔', 2.0 / 3, '⅛', 0.125);
  private static final String NUMBER =
      "(?:(?<whole>\\d{1,4})\\s+(?<over>\\d{1,3})/(?<under>\\d{1,4})(?![\\d/])"
          + "|(?<over2>\\d{1,4})/(?<under2>\\d{1,4})(?![\\d/])"
          + "|(?<whole3>\\d{1,4})?\\s?(?<sign>["
          + FRACTIONS
          + "])"
          + "|(?<decimal>"
          + DECIMAL
          + "))";
  private static final Pattern AMOUNT = pattern("(?<minus>[-−+])?" + NUMBER);
  private static final Pattern UNIT = pattern("\\s*(?<unit>" + Unit.REGEX + ")");
  private static final Pattern RANGE =
      pattern("\\s*(?:[-–]|to\\b|or\\b)\\s*" + DECIMAL + "(?!\\s*[x×])");
  private static final Pattern TRIPLE =
      pattern("(\\d{1,2}(?:[.,]\\d)?)-(\\d{1,2}(?:[.,]\\d)?)-(\\d{1,2}(?:[.,]\\d)?)(?![\\d-])");
  private static final Pattern RATIO = pattern("(\\d{1,3}):(\\d{1,6})(?![\\d:])");
  private static final Pattern SPOKEN =
      pattern(
          "(?:(?<half>half|quarter)(?:\\s+(?:of\\s+)?an?)?|(?<count>an?|one|two|three|four|five|six))\\s+"
              + Unit.REGEX);
  private static final Pattern WORD = pattern("\\p{L}+(?:[-'’]\\p{L}+)*");
  private static final Pattern GROUPED = Pattern.compile("\\d{1,3}[.,]\\d{3}");
  private static final Pattern THOUSANDS =
      Pattern.compile("\\d{1,3}(?:,\\d{3}){2,}|\\d{1,3}(?:\\.\\d{3}){2,}");
  private static final List<String> COUNTS = List.of("one", "two", "three", "four", "five", "six");

  private final String text;
  private final List<Part> parts = new ArrayList<>();
  private int at;

  private Lexer(String line) {
    this.text = line.toLowerCase(Locale.ROOT);
  }

  private static Pattern pattern(String regex) {
    return Pattern.compile(regex);
  }

  static List<Part> parts(String line) {
    Lexer lexer = new Lexer(line);
    while (lexer.at < lexer.text.length()) {
      lexer.next();
    }
    return List.copyOf(lexer.parts);
  }

  private Matcher here(Pattern pattern) {
    return pattern.matcher(text).region(at, text.length()).useTransparentBounds(true);
  }

  private void next() {
    char c = text.charAt(at);
    if (Character.isWhitespace(c)) {
      at++;
    } else if (Character.isDigit(c) || FRACTIONS.indexOf(c) >= 0 || signed(c)) {
      number();
    } else if (Character.isLetter(c)) {
      word();
    } else {
      parts.add(new Part.Mark(c, at, at + 1));
      at++;
    }
  }

  private boolean signed(char c) {
    return (c == '-' || c == '−' || c == '+')
        && at + 1 < text.length()
        && Character.isDigit(text.charAt(at + 1))
        && (at == 0 || Character.isWhitespace(text.charAt(at - 1)));
  }

  private void number() {
    Matcher triple = here(TRIPLE);
    Matcher ratio = here(RATIO);
    if (triple.lookingAt()) {
      add(new Part.Triple(triple.group(), at, triple.end()));
    } else if (ratio.lookingAt()) {
      double parts = Double.parseDouble(ratio.group(2)) / Double.parseDouble(ratio.group(1));
      add(new Part.Ratio(parts, at, ratio.end()));
    } else {
      amount();
    }
  }

  private void amount() {
    Matcher number = here(AMOUNT);
    if (!number.lookingAt()) {
      add(new Part.Mark(text.charAt(at), at, at + 1));
      return;
    }
    int start = at;
    int sign = number.group("minus") == null || number.group("minus").equals("+") ? 1 : -1;
    double value = sign * value(number);
    double other = sign * other(number);
    at = number.end();
    Matcher range = here(RANGE);
    if (range.lookingAt()) {
      at = range.end();
      unit();
      parts.add(new Part.Range(start, at));
      return;
    }
    Unit unit = unit();
    parts.add(new Part.Amount(value, other, unit, start, at));
  }

  /** The unit that follows, or null. */
  private Unit unit() {
    Matcher unit = here(UNIT);
    if (!unit.lookingAt()) {
      return null;
    }
    at = unit.end();
    return Unit.named(unit.group("unit"));
  }

  private static double value(Matcher number) {
    if (number.group("over") != null) {
      return part(number, "whole") + part(number, "over") / part(number, "under");
    }
    if (number.group("over2") != null) {
      return part(number, "over2") / part(number, "under2");
    }
    if (number.group("sign") != null) {
      double whole = number.group("whole3") == null ? 0 : part(number, "whole3");
      return whole + FRACTION.get(number.group("sign").charAt(0));
    }
    return decimal(number.group("decimal"));
  }

  private static double part(Matcher number, String group) {
    return Double.parseDouble(number.group(group));
  }

  private static double decimal(String digits) {
    if (THOUSANDS.matcher(digits).matches()) {
      return Double.parseDouble(digits.replaceAll("[.,]", ""));
    }
    int last = Math.max(digits.lastIndexOf('.'), digits.lastIndexOf(','));
    return last < 0
        ? Double.parseDouble(digits)
        : Double.parseDouble(
            digits.substring(0, last).replaceAll("[.,]", "") + "." + digits.substring(last + 1));
  }

  /** “1,000” and “1.000” are one thousand to some and one to others; “0.500” is neither. */
  private static double other(Matcher number) {
    String digits = number.group("decimal");
    return digits != null && GROUPED.matcher(digits).matches() && digits.charAt(0) != '0'
        ? Double.parseDouble(digits.replaceAll("[.,]", ""))
        : Double.NaN;
  }

  private void word() {
    Matcher spoken = here(SPOKEN);
    if (spoken.lookingAt()) {
      String half = spoken.group("half");
      double value =
          half == null
              ? Math.max(1, COUNTS.indexOf(spoken.group("count")) + 1)
              : half.equals("half") ? 0.5 : 0.25;
      int unitAt = spoken.start(3);
      add(
          new Part.Amount(
              value,
              Double.NaN,
              Unit.named(text.substring(unitAt, spoken.end(3))),
              at,
              spoken.end()));
      return;
    }
    Matcher word = here(WORD);
    if (word.lookingAt()) {
      add(new Part.Word(word.group(), at, word.end()));
    } else {
      add(new Part.Mark(text.charAt(at), at, at + 1));
    }
  }

  private void add(Part part) {
    parts.add(part);
    at = part.end();
  }
}
