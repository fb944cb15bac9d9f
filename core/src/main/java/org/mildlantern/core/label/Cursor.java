package org.mildlantern.core.label;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** A place among the tokens of a label. */
final class Cursor {
  private final List<Token> tokens;
  private int place;

  Cursor(List<Token> tokens) {
    this.tokens = tokens;
  }

  int place() {
    return place;
  }

  void back(int to) {
    place = to;
  }

  boolean ended() {
    return place >= tokens.size();
  }

  /** The token here, and on to the next. */
  Token next() {
    if (ended()) {
      throw new Refusal("label.unread");
    }
    return tokens.get(place++);
  }

  boolean is(Token.Kind kind) {
    return !ended() && tokens.get(place).kind() == kind;
  }

  /** The word here. */
  Optional<String> word() {
    return is(Token.Kind.WORD) ? Optional.of(tokens.get(place).text()) : Optional.empty();
  }

  /** The word or sign here. */
  boolean at(Set<String> texts) {
    return !ended()
        && tokens.get(place).kind() != Token.Kind.NUMBER
        && texts.contains(tokens.get(place).text());
  }

  boolean at(String text) {
    return at(Set.of(text));
  }

  /** Goes on if one of these words or signs is here. */
  boolean skip(Set<String> texts) {
    if (at(texts)) {
      place++;
      return true;
    }
    return false;
  }

  /** Goes on over all of these that stand here. */
  void skipAll(Set<String> texts) {
    while (at(texts)) {
      place++;
    }
  }

  boolean skip(String text) {
    return skip(Set.of(text));
  }

  /** Whether a number begins here, in digits or in words. */
  boolean atNumber() {
    return is(Token.Kind.NUMBER)
        || is(Token.Kind.FRACTION)
        || word().filter(Numbers::isNumber).isPresent();
  }

  boolean atDigits() {
    return is(Token.Kind.NUMBER) || is(Token.Kind.FRACTION);
  }

  /** The unit here, or null. */
  Unit unit() {
    return ended() || atDigits() ? null : Unit.of(tokens.get(place).text());
  }

  /** Whether the token before this place is a dash that is no range. */
  boolean behindMinus() {
    return place > 0
        && tokens.get(place - 1).text().equals("-")
        && (place == 1 || tokens.get(place - 2).kind() != Token.Kind.NUMBER);
  }

  /** Whether any of these words stands anywhere. */
  boolean has(Set<String> words) {
    return tokens.stream().anyMatch(t -> t.kind() == Token.Kind.WORD && words.contains(t.text()));
  }

  /** Whether any unit of a kind stands anywhere. */
  boolean hasUnit(Predicate<Unit> kind) {
    return tokens.stream()
        .map(token -> Unit.of(token.text()))
        .anyMatch(unit -> unit != null && kind.test(unit));
  }

  /** The words from here on that hold digits or not, for a message. */
  String rest() {
    StringBuilder rest = new StringBuilder();
    tokens.subList(place, tokens.size()).forEach(t -> rest.append(t.text()).append(' '));
    String text = rest.toString().strip();
    return text.length() > 40 ? text.substring(0, 40) + "…" : text;
  }
}
