package org.mildlantern.core.said;

import java.util.Comparator;
import java.util.IntSummaryStatistics;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;

/** What a phrase says where it stands: there or not, where on the plant, and how sure it is. */
final class Statement {
  private static final double DOUBTED = 0.6;

  /** The part that has a top of its own. */
  private static final String PITCHER = "pitcher";

  /** So many words after “all but” name what is left out. */
  private static final int EXCEPTED = 4;

  /** So many words after “like” name no place. */
  private static final int LIKENED = 3;

  private final Knowledge knowledge;
  private final Lexicon lexicon;
  private final Denial denial;

  Statement(Knowledge knowledge, Lexicon lexicon, Denial denial) {
    this.knowledge = knowledge;
    this.lexicon = lexicon;
    this.denial = denial;
  }

  /**
   * Says what a phrase says.
   *
   * @param form the growth form of the plant, or null when it is not known
   * @param sure how likely it was meant, unless it is denied
   */
  Reading.Seen of(Match match, List<Token> tokens, GrowthForm form, double sure) {
    String id = match.phrase().id();
    OptionalInt denied = denial.of(match, tokens);
    boolean present = denied.isEmpty();
    double meant = present ? sure : 1;
    String pattern = present ? pattern(id, match, tokens, form) : null;
    List<String> alternatives =
        knowledge.openWords().find(id).stream().flatMap(word -> word.meant().stream()).toList();
    return new Reading.Seen(
        id,
        pattern,
        present,
        span(match, tokens, denied, pattern != null),
        denial.isDoubted(match, tokens) ? Math.min(meant, DOUBTED) : meant,
        alternatives);
  }

  /** From the first to the last word that says it, with the no and the place. */
  private Reading.Span span(Match match, List<Token> tokens, OptionalInt denied, boolean placed) {
    int clause = tokens.get(match.first()).clause();
    IntStream words = IntStream.concat(IntStream.of(match.first(), match.last()), denied.stream());
    IntStream places =
        (placed ? denial.around(match, tokens) : IntStream.empty())
            .filter(i -> !lexicon.places(tokens.get(i).stem()).isEmpty());
    IntSummaryStatistics all = IntStream.concat(words, places).summaryStatistics();
    int last = all.getMax();
    boolean names =
        last + 1 < tokens.size()
            && tokens.get(last + 1).clause() == clause
            && !lexicon.subjects(tokens.get(last + 1).stem()).isEmpty();
    return new Reading.Span(
        tokens.get(all.getMin()).from(), tokens.get(names ? last + 1 : last).to());
  }

  /** The place of the sign that the clause names, if the sign can sit there. */
  private String pattern(String id, Match match, List<Token> tokens, GrowthForm form) {
    List<String> can =
        knowledge.meant(id, null).stream()
            .filter(node -> form == null || knowledge.occursOn(node, form))
            .map(node -> node.pattern().id())
            .distinct()
            .toList();
    if (can.size() < 2) {
      return can.isEmpty() || knowledge.openWords().has(id) ? null : can.get(0);
    }
    Set<String> said = new LinkedHashSet<>();
    boolean ofPitchers =
        denial
            .around(match, tokens)
            .anyMatch(i -> lexicon.subjects(tokens.get(i).stem()).contains(PITCHER));
    int spared = 0;
    int likened = 0;
    for (int i : denial.around(match, tokens).toArray()) {
      Token token = tokens.get(i);
      likened = denial.isLikened(token) ? LIKENED : likened - 1;
      if (likened > 0) {
        continue;
      }
      spared = denial.isExcept(token) ? EXCEPTED : spared - 1;
      if (spared > 0) {
        said.add("all-leaves");
        continue;
      }
      if (!(ofPitchers && denial.isHeight(token))) {
        said.addAll(lexicon.places(token.stem()));
      }
      if (token.word().equals("leaf")) {
        said.add("oldest-only");
      }
    }
    boolean old = said.contains("old-leaves");
    if (old && said.contains("oldest-only") && can.contains("oldest-only")) {
      return "oldest-only";
    }
    if (old && can.contains("lower-leaves")) {
      return "lower-leaves";
    }
    return can.stream()
        .filter(said::contains)
        .filter(p -> !p.equals("oldest-only"))
        .min(Comparator.comparing(this::isWhole))
        .orElse(null);
  }

  /** Where on a leaf tells more than on which leaves. */
  private boolean isWhole(String pattern) {
    return knowledge.patterns().find(pattern).orElseThrow().overlay().equals("fill");
  }
}
