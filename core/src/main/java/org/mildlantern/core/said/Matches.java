package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Wording;

/** Finds the phrases of the lexicon in a text, and the part that each word speaks of. */
final class Matches {
  /** Words further apart than this many besides their number do not belong together. */
  private static final int SLACK = 6;

  /** So many words between those of a phrase may say something else. Tried on texts. */
  private static final int STRANGERS = 1;

  /** No phrase reaches further. */
  private static final int FARTHEST = 16;

  /** What was said so often already says nothing new. */
  private static final int OFTEN = 20;

  /** Before it a part is no more than a height, as in “at soil level”. */
  private static final String LEVEL = "level";

  private final Lexicon lexicon;
  private final Parts parts;

  /** Words that add another thing, as “and” does. */
  private final Set<String> joins;

  /** Words by which a sentence goes on with what was spoken of, as “they” does. */
  private final Set<String> refersBack;

  Matches(Lexicon lexicon, Parts parts, Wording wording) {
    this.lexicon = lexicon;
    this.parts = parts;
    this.joins = Set.copyOf(wording.particles("joins"));
    this.refersBack = Set.copyOf(wording.particles("refers-back"));
  }

  /**
   * The phrases in a text, those of most words first.
   *
   * @param subjects the part that each word {@link #subjects speaks of}
   */
  List<Match> of(List<Token> tokens, List<String> subjects) {
    long[] ofClause = near(tokens, Token::clause);
    long[] ofSentence = near(tokens, Token::sentence);
    Set<Match> found = new LinkedHashSet<>();
    Map<Lexicon.Phrase, Integer> times = new IdentityHashMap<>();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      for (Lexicon.Phrase phrase : lexicon.phrases(token.stem(), token.asItStands())) {
        if (!phrase.mayStandIn(phrase.told() == null ? ofClause[i] : ofSentence[i])) {
          continue;
        }
        match(phrase, i, tokens)
            .filter(m -> speaksOf(m, tokens, subjects) && !isOfTwoParts(m, tokens))
            .filter(m -> times.merge(phrase, 1, Integer::sum) <= OFTEN)
            .ifPresent(found::add);
      }
    }
    return found.stream()
        .sorted(
            Comparator.comparingDouble((Match m) -> -m.phrase().weight())
                .thenComparingInt(Match::span)
                .thenComparingInt(Match::first))
        .toList();
  }

  /** The phrase around a word, each of its items by the nearest word that will do. */
  private Optional<Match> match(Lexicon.Phrase phrase, int around, List<Token> tokens) {
    List<Set<String>> items = phrase.items();
    List<Integer> at = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      int best =
          phrase.next().contains(i) ? at.get(i - 1) + 1 : nearest(phrase, i, around, at, tokens);
      if (best < 0) {
        return Optional.empty();
      }
      at.add(best);
    }
    Match match = Match.of(phrase, at);
    return match.span() <= reach(phrase) && strangers(match, tokens) <= STRANGERS
        ? Optional.of(match)
        : Optional.empty();
  }

  /** Words between those of a match that say something else. */
  private long strangers(Match match, List<Token> tokens) {
    return IntStream.range(match.first(), match.last())
        .filter(i -> !match.at().contains(i) && !lexicon.isFiller(tokens.get(i).stem()))
        .count();
  }

  /**
   * For each word a mark of those near it in its clause or sentence, which rule most phrases out.
   */
  private long[] near(List<Token> tokens, ToIntFunction<Token> part) {
    long[] near = new long[tokens.size()];
    for (int i = 0; i < near.length; i++) {
      Token token = tokens.get(i);
      int here = part.applyAsInt(token);
      long mark = lexicon.marks(token);
      for (int j = Math.max(0, i - FARTHEST); j <= Math.min(near.length - 1, i + FARTHEST); j++) {
        if (part.applyAsInt(tokens.get(j)) == here) {
          near[j] |= mark;
        }
      }
    }
    return near;
  }

  private static int reach(Lexicon.Phrase phrase) {
    return phrase.items().size() - 1 + SLACK;
  }

  private static int nearest(
      Lexicon.Phrase phrase, int item, int around, List<Integer> taken, List<Token> tokens) {
    int reach = reach(phrase);
    for (int apart = 0; apart <= reach; apart++) {
      if (fits(phrase, item, around - apart, around, taken, tokens)) {
        return around - apart;
      }
      if (fits(phrase, item, around + apart, around, taken, tokens)) {
        return around + apart;
      }
    }
    return -1;
  }

  private static boolean fits(
      Lexicon.Phrase phrase,
      int item,
      int position,
      int around,
      List<Integer> taken,
      List<Token> tokens) {
    return stands(phrase, item, position, around, tokens)
        && !taken.contains(position)
        && isFollowed(phrase, item, position, around, tokens);
  }

  /** Whether an item stands at a position, in the same clause, or sentence for a circumstance. */
  private static boolean stands(
      Lexicon.Phrase phrase, int item, int position, int around, List<Token> tokens) {
    if (position < 0 || position >= tokens.size()) {
      return false;
    }
    Token here = tokens.get(around);
    Token there = tokens.get(position);
    boolean together =
        phrase.told() == null
            ? there.clause() == here.clause()
            : there.sentence() == here.sentence();
    Set<String> words = phrase.items().get(item);
    return together && (words.contains(there.stem()) || words.contains(there.asItStands()));
  }

  /** Whether the items that must follow the one at a position do. */
  private static boolean isFollowed(
      Lexicon.Phrase phrase, int item, int position, int around, List<Token> tokens) {
    for (int i = item + 1; phrase.next().contains(i); i++) {
      if (!stands(phrase, i, position + i - item, around, tokens)) {
        return false;
      }
    }
    return true;
  }

  /**
   * The part that each word speaks of: the next word's when that names one, else the last one named
   * before it, else the next.
   */
  List<String> subjects(List<Token> tokens) {
    List<String> subjects = new ArrayList<>();
    String last = "";
    for (int i = 0; i < tokens.size(); i++) {
      boolean height = i + 1 < tokens.size() && tokens.get(i + 1).word().equals(LEVEL);
      String own = height ? "" : subject(tokens.get(i));
      boolean begins = i > 0 && tokens.get(i - 1).sentence() != tokens.get(i).sentence();
      if (begins && !refersBack.contains(tokens.get(i).word())) {
        last = "";
      }
      String next =
          i + 1 < tokens.size() && tokens.get(i + 1).clause() == tokens.get(i).clause()
              ? subject(tokens.get(i + 1))
              : "";
      if (!own.isEmpty()) {
        last = own;
      }
      subjects.add(!own.isEmpty() ? own : !next.isEmpty() ? next : last);
    }
    return subjects;
  }

  /** Whether it joins what is said of one part with what is said of the next, after an “and”. */
  private boolean isOfTwoParts(Match match, List<Token> tokens) {
    boolean told = match.phrase().told() != null;
    for (int i = match.first() + 1; i < match.last(); i++) {
      if (begins(i, told, tokens) && !match.at().contains(i)) {
        int next = joins.contains(tokens.get(i).word()) ? i + 1 : i;
        while (next < match.last() && lexicon.isFiller(tokens.get(next).stem())) {
          next++;
        }
        String after = subject(tokens.get(next));
        boolean another = told ? !match.at().contains(next) : isOfAnother(after, i, tokens);
        if (!after.isEmpty() && another) {
          return true;
        }
      }
    }
    return false;
  }

  /**
   * Whether something else may begin at a word: after an “and”; for a circumstance, a comma too.
   */
  private boolean begins(int at, boolean told, List<Token> tokens) {
    return joins.contains(tokens.get(at).word())
        || told && tokens.get(at - 1).clause() != tokens.get(at).clause();
  }

  /** Whether the clause named another part before a word. */
  private boolean isOfAnother(String part, int before, List<Token> tokens) {
    for (int i = before - 1; i >= 0 && tokens.get(i).clause() == tokens.get(before).clause(); i--) {
      String named = subject(tokens.get(i));
      if (!named.isEmpty()) {
        return !named.equals(part);
      }
    }
    return false;
  }

  private String subject(Token token) {
    return lexicon.subjects(token.stem()).stream()
        .filter(name -> !name.equals("plant") && !name.equals("water"))
        .findFirst()
        .orElse("");
  }

  /** Whether each of its words speaks of a part on which its sign cannot be. */
  boolean isOfAnotherPart(Match match, List<String> subjects) {
    return parts.isNotOf(match.phrase().id(), match.at().stream().map(subjects::get).toList());
  }

  private boolean namesPart(Match match, List<Token> tokens) {
    return match.at().stream().anyMatch(i -> !subject(tokens.get(i)).isEmpty());
  }

  private boolean speaksOf(Match match, List<Token> tokens, List<String> subjects) {
    String wanted = match.phrase().subject();
    if (wanted == null) {
      return namesPart(match, tokens) || !isOfAnotherPart(match, subjects);
    }
    if (wanted.equals("plant")) {
      return match.at().stream()
          .allMatch(i -> subjects.get(i).isEmpty() || subjects.get(i).equals("leaf"));
    }
    return match.at().stream()
            .anyMatch(i -> subjects.get(i).equals(wanted) && subject(tokens.get(i)).isEmpty())
        || match.at().stream().allMatch(i -> subjects.get(i).equals(wanted));
  }
}
