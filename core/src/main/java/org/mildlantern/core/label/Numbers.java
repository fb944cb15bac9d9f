package org.mildlantern.core.label;

import static java.util.Map.entry;

import java.util.Map;
import java.util.Set;

/** Reads numbers with their fractions and ranges: {@code 2½}, {@code 1 1/2}, {@code 1–3}. */
final class Numbers {
  private static final Map<String, Double> IN_WORDS =
      Map.ofEntries(
          entry("half", 0.5),
          entry("a", 1.0),
          entry("an", 1.0),
          entry("one", 1.0),
          entry("ein", 1.0),
          entry("eine", 1.0),
          entry("einen", 1.0),
          entry("un", 1.0),
          entry("une", 1.0),
          entry("una", 1.0),
          entry("uno", 1.0),
          entry("een", 1.0),
          entry("two", 2.0),
          entry("zwei", 2.0),
          entry("deux", 2.0),
          entry("dos", 2.0),
          entry("due", 2.0),
          entry("three", 3.0),
          entry("four", 4.0),
          entry("five", 5.0),
          entry("six", 6.0),
          entry("ten", 10.0));

  private static final Set<String> UP_TO =
      Set.of("-", "to", "bis", "or", "and", "à", "oder", "tot");

  /** Denominators of spoons and cups. */
  private static final Set<Double> PARTS = Set.of(2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 16.0);

  private final Cursor at;
  private final Notation notation;

  Numbers(Cursor at, Notation notation) {
    this.at = at;
    this.notation = notation;
  }

  /** From a least to a most; both the same when there is but one number. */
  record Range(double least, double most) {
    static Range of(double one) {
      return new Range(one, one);
    }

    String words() {
      return most == least
          ? LabelRate.number(least)
          : LabelRate.number(least) + " to " + LabelRate.number(most);
    }
  }

  /** A number, or a range of two. */
  Range range() {
    double least = number();
    int before = at.place();
    if (upTo() && at.atNumber()) {
      try {
        return between(least, number());
      } catch (Refusal none) {
        at.back(before);
        throw none;
      }
    }
    at.back(before);
    return Range.of(least);
  }

  static Range between(double least, double most) {
    if (most < least) {
      throw new Refusal("label.backwards");
    }
    return new Range(least, most);
  }

  /** Goes on behind a dash or a word for “up to”, if there is one. */
  boolean upTo() {
    return at.skip(UP_TO);
  }

  /** The number here. */
  double number() {
    Token token = at.next();
    if (token.kind() == Token.Kind.WORD) {
      return word(token.text());
    }
    if (token.kind() == Token.Kind.FRACTION) {
      return Token.FRACTIONS.get(token.text());
    }
    if (token.kind() != Token.Kind.NUMBER) {
      throw new Refusal("label.unread");
    }
    double value = value(token);
    if (value == Math.rint(value)) {
      double more = fractionHere();
      if (more > 0) {
        return value + more;
      }
      Double whole = over(value, at.place());
      return whole == null ? value : whole;
    }
    return value;
  }

  private double word(String word) {
    Double value = IN_WORDS.get(word);
    if (value == null) {
      throw new Refusal("label.unread");
    }
    if (value == 0.5) {
      at.skip(Set.of("a", "an"));
    }
    return value;
  }

  static boolean isNumber(String word) {
    return IN_WORDS.containsKey(word);
  }

  private double value(Token token) {
    double value = notation.value(token.text());
    if (Double.isNaN(value)) {
      throw new Refusal("label.number", token.text());
    }
    return value;
  }

  /**
   * The part after a whole number: {@code ½}, {@code 1/2} or {@code -1/2}; 0 when there is none.
   */
  private double fractionHere() {
    if (at.is(Token.Kind.FRACTION)) {
      return Token.FRACTIONS.get(at.next().text());
    }
    int before = at.place();
    at.skip(Set.of("-"));
    if (at.is(Token.Kind.NUMBER)) {
      double top = notation.value(at.next().text());
      Double part = over(top, before);
      if (part != null) {
        return part;
      }
    }
    at.back(before);
    return 0;
  }

  /** A small fraction such as 3/4 whose upper number was just read, or null, going back then. */
  private Double over(double top, int before) {
    if (at.skip(Set.of("/")) && at.is(Token.Kind.NUMBER)) {
      double bottom = notation.value(at.next().text());
      boolean measured =
          at.word()
              .filter(w -> Unit.of(w) != null && Unit.of(w).kind() != Unit.Kind.AREA)
              .isPresent();
      if (PARTS.contains(bottom) && top < bottom && top >= 1 && measured) {
        return top / bottom;
      }
    }
    at.back(before);
    return null;
  }
}
