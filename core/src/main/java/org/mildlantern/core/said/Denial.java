package org.mildlantern.core.said;

import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.Set;
import org.mildlantern.core.knowledge.Wording;

/** What takes a statement back: a no, a doubt, a question. */
final class Denial {
  private static final int REACH = 5;

  /** “Is it …?” of more words than this says something besides. */
  private static final int SHORT = 7;

  private final Set<String> denies;
  private final Set<String> deniesAfter;
  private final Set<String> found;
  private final Set<String> doubts;
  private final Set<String> asks;

  Denial(Wording wording) {
    this.denies = Set.copyOf(wording.particles("denies"));
    this.deniesAfter = Set.copyOf(wording.particles("denies-after"));
    this.found = Set.copyOf(wording.particles("found"));
    this.doubts = Set.copyOf(wording.particles("doubts"));
    this.asks = Set.copyOf(wording.particles("asks"));
  }

  boolean isDoubted(Match match, List<Token> tokens) {
    int clause = tokens.get(match.first()).clause();
    return tokens.stream().anyMatch(t -> t.clause() == clause && doubts.contains(t.stem()));
  }

  /** The word before or after a phrase that denies it, by its number. */
  OptionalInt of(Match match, List<Token> tokens) {
    int clause = tokens.get(match.first()).clause();
    for (int i = match.first() - 1; i >= 0 && i >= match.first() - REACH; i--) {
      Token token = tokens.get(i);
      if (token.clause() != clause) {
        break;
      }
      boolean only = i + 1 < tokens.size() && tokens.get(i + 1).stem().equals("only");
      if (denies.contains(token.stem()) && !match.at().contains(i) && !only) {
        return OptionalInt.of(i);
      }
    }
    for (int i = match.last() + 1; i < tokens.size() && i <= match.last() + 4; i++) {
      Token token = tokens.get(i);
      if (token.clause() != clause) {
        break;
      }
      boolean isFound = i + 1 < tokens.size() && found.contains(tokens.get(i + 1).stem());
      if (deniesAfter.contains(token.stem()) || denies.contains(token.stem()) && isFound) {
        return OptionalInt.of(i);
      }
    }
    return OptionalInt.empty();
  }

  /** “Is it too wet?” asks and tells nothing. */
  boolean isAsked(Match match, String text, List<Token> tokens) {
    int sentence = tokens.get(match.first()).sentence();
    int first = match.first();
    while (first > 0 && tokens.get(first - 1).sentence() == sentence) {
      first--;
    }
    int last = match.last();
    while (last + 1 < tokens.size() && tokens.get(last + 1).sentence() == sentence) {
      last++;
    }
    int end = tokens.get(last).to();
    String after =
        text.substring(end, last + 1 < tokens.size() ? tokens.get(last + 1).from() : text.length());
    String begins =
        text.substring(tokens.get(first).from(), tokens.get(first).to()).toLowerCase(Locale.ROOT);
    return after.contains("?") && asks.contains(begins) && last - first < SHORT;
  }
}
