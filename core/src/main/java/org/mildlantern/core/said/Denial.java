package org.mildlantern.core.said;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Wording;

/** What takes a statement back: a no, a doubt, a question. */
final class Denial {
  private static final int REACH = 5;

  /** “Is it …?” of more words than this says something besides. */
  private static final int SHORT = 7;

  /** So many words before a time say what is compared with it. */
  private static final int COMPARED = 2;

  private final Predicate<String> filler;
  private final Set<String> denies;
  private final Set<String> spares;
  private final Set<String> unsure;
  private final Set<String> unknown;
  private final Set<String> unreal;
  private final Set<String> wishes;
  private final Set<String> past;
  private final Set<String> compares;
  private final Set<String> limits;
  private final Set<String> excepts;
  private final Set<String> likens;
  private final Set<String> parts;
  private final Set<String> heights;
  private final Set<String> deniesAfter;
  private final Set<String> found;
  private final Set<String> doubts;
  private final Set<String> asks;

  Denial(Wording wording, Predicate<String> filler) {
    this.filler = filler;
    this.denies = Set.copyOf(wording.particles("denies"));
    this.spares = Set.copyOf(wording.particles("spares"));
    this.unsure = Set.copyOf(wording.particles("unsure"));
    this.unknown = Set.copyOf(wording.particles("unknown"));
    this.unreal = Set.copyOf(wording.particles("unreal"));
    this.excepts = Set.copyOf(wording.particles("excepts"));
    this.likens = Set.copyOf(wording.particles("likens"));
    this.parts = Set.copyOf(wording.particles("parts"));
    this.heights = Set.copyOf(wording.particles("heights"));
    this.wishes = Set.copyOf(wording.particles("wishes"));
    this.past = Set.copyOf(wording.particles("past"));
    this.compares = Set.copyOf(wording.particles("compares"));
    this.limits = Set.copyOf(wording.particles("limits"));
    this.deniesAfter = Set.copyOf(wording.particles("denies-after"));
    this.found = Set.copyOf(wording.particles("found"));
    this.doubts = Set.copyOf(wording.particles("doubts"));
    this.asks = Set.copyOf(wording.particles("asks"));
  }

  /** Whether it leaves out what comes after it, as in “all but the newest”. */
  boolean isExcept(Token token) {
    return excepts.contains(token.word());
  }

  /** Whether it is likened to what comes after it, as in “like an old hand”. */
  boolean isLikened(Token token) {
    return likens.contains(token.word());
  }

  /** Whether it names an end of whatever stands upright: a pitcher has a top of its own. */
  boolean isHeight(Token token) {
    return heights.contains(token.word());
  }

  boolean isDoubted(Match match, List<Token> tokens) {
    return match
        .clause(tokens)
        .anyMatch(i -> doubts.contains(tokens.get(i).word()) || isUnsure(i, tokens));
  }

  /** The word before or after a phrase that denies it, by its number. */
  OptionalInt of(Match match, List<Token> tokens) {
    int clause = tokens.get(match.first()).clause();
    for (int i = match.last() - 1; i >= 0 && i >= match.first() - REACH; i--) {
      Token token = tokens.get(i);
      boolean apart = (isAnd(i, tokens) || parts.contains(token.word())) && !match.at().contains(i);
      if (token.clause() != clause || apart) {
        break;
      }
      if (denies.contains(token.word()) && !match.at().contains(i) && !isSpared(i, tokens)) {
        return OptionalInt.of(i);
      }
    }
    for (int i = match.last() + 1; i < tokens.size() && i <= match.last() + 4; i++) {
      Token token = tokens.get(i);
      if (token.clause() != clause || isAnd(i, tokens)) {
        break;
      }
      boolean isFound = i + 1 < tokens.size() && found.contains(tokens.get(i + 1).word());
      if (deniesAfter.contains(token.word()) && isSaidOut(i, tokens)
          || denies.contains(token.word()) && isFound) {
        return OptionalInt.of(i);
      }
    }
    return OptionalInt.empty();
  }

  /** The words that may say where it is: those of the clause up to an “and no”. */
  IntStream around(Match match, List<Token> tokens) {
    return match
        .clause(tokens)
        .takeWhile(i -> i <= match.last() || !isAnd(i, tokens) || !isNo(i + 1, tokens));
  }

  /** “Gone” and the like deny nothing where they lead on, as in “gone brown”. */
  private boolean isSaidOut(int at, List<Token> tokens) {
    return at + 1 == tokens.size()
        || tokens.get(at + 1).clause() != tokens.get(at).clause()
        || filler.test(tokens.get(at + 1).stem());
  }

  private boolean isAnd(int at, List<Token> tokens) {
    return tokens.get(at).word().equals("and");
  }

  private boolean isNo(int at, List<Token> tokens) {
    return at < tokens.size() && denies.contains(tokens.get(at).word());
  }

  /** Whether an “and no” stands inside of a phrase, whose words then do not belong together. */
  boolean isTorn(Match match, List<Token> tokens) {
    return IntStream.range(match.first() + 1, match.last())
        .anyMatch(
            i ->
                isAnd(i, tokens)
                    && !match.at().contains(i)
                    && IntStream.range(i + 1, match.last())
                        .anyMatch(no -> isNo(no, tokens) && !match.at().contains(no)));
  }

  private boolean isUnsure(int at, List<Token> tokens) {
    return at > 0
        && unsure.contains(tokens.get(at).word())
        && denies.contains(tokens.get(at - 1).word());
  }

  /** “Not only”, “not sure”, “no 2”, “no lower than 20”: a no that denies nothing. */
  private boolean isSpared(int at, List<Token> tokens) {
    return at + 1 < tokens.size()
        && (spares.contains(tokens.get(at + 1).word())
            || Character.isDigit(tokens.get(at + 1).word().charAt(0))
            || unsure.contains(tokens.get(at + 1).word())
            || unknown.contains(tokens.get(at + 1).word())
            || isLimit(at + 2, tokens));
  }

  private boolean isLimit(int at, List<Token> tokens) {
    return at + 1 < tokens.size()
        && limits.contains(tokens.get(at).word())
        && Character.isDigit(tokens.get(at + 1).word().charAt(0));
  }

  /** Whether the clause tells an old story, a wish or what nobody knows, and nothing of today. */
  boolean isNoFinding(Match match, List<Token> tokens) {
    return match
        .clause(tokens)
        .anyMatch(i -> !match.at().contains(i) && isUnreal(i, match, tokens));
  }

  private boolean isUnreal(int i, Match match, List<Token> tokens) {
    String word = tokens.get(i).word();
    String next = i + 1 < tokens.size() ? tokens.get(i + 1).word() : "";
    boolean circumstance = match.phrase().told() != null;
    return unreal.contains(word)
        || !circumstance
            && past.contains(word + " " + next)
            && !isCompared(i, tokens)
            && !match.at().contains(i + 1)
        || i < match.first() && denies.contains(word) && unknown.contains(next)
        || i < match.first() && isWish(i, tokens);
  }

  /** Whether it is told of what its keeper would do: “should I feed it every week”. */
  boolean isWished(Reading.Span span, List<Token> tokens) {
    int at = 0;
    while (at < tokens.size() && tokens.get(at).to() <= span.from()) {
      at++;
    }
    int told = Math.min(at, tokens.size() - 1);
    return IntStream.range(0, told)
        .filter(i -> tokens.get(i).clause() == tokens.get(told).clause())
        .anyMatch(i -> isWish(i, tokens));
  }

  /** “Should I”, “want to”; but “I want to know if …” is no wish. */
  private boolean isWish(int at, List<Token> tokens) {
    return at + 1 < tokens.size()
        && wishes.contains(tokens.get(at).word() + " " + tokens.get(at + 1).word())
        && (at + 2 == tokens.size() || !unknown.contains(tokens.get(at + 2).word()));
  }

  /** “Since last summer”, “longer than they used to be”: a time that today is measured by. */
  private boolean isCompared(int at, List<Token> tokens) {
    return IntStream.range(Math.max(0, at - COMPARED), at)
        .anyMatch(i -> compares.contains(tokens.get(i).word()));
  }

  /** “Is it too wet?” asks and tells nothing, also at the end of a longer sentence. */
  boolean isAsked(Match match, String text, List<Token> tokens) {
    int clause = tokens.get(match.first()).clause();
    int sentence = tokens.get(match.first()).sentence();
    int last = match.last();
    while (last + 1 < tokens.size()
        && tokens.get(last + 1).sentence() == sentence
        && last - match.first() < SHORT) {
      last++;
    }
    int first = match.first();
    while (first > 0 && tokens.get(first - 1).clause() == clause && last - first < SHORT) {
      first--;
    }
    int end = tokens.get(last).to();
    String after =
        text.substring(end, last + 1 < tokens.size() ? tokens.get(last + 1).from() : text.length());
    return after.contains("?") && asks.contains(tokens.get(first).word()) && last - first < SHORT;
  }
}
