package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

/** What of a clause is weighed, and of which parts signs can be said. */
class FeaturesTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Tokens WORDS = new Tokens(KNOWLEDGE.wording());
  private static final Features FEATURES =
      new Features(new Lexicon(KNOWLEDGE, WORDS), KNOWLEDGE.wording());

  private static List<String> pieces(String text) {
    List<Token> tokens = WORDS.of(text);
    return FEATURES.pieces(tokens).stream()
        .map(p -> text.substring(tokens.get(p[0]).from(), tokens.get(p[1] - 1).to()))
        .toList();
  }

  private static List<Features.Clause> said(String text) {
    List<Token> tokens = WORDS.of(text);
    return FEATURES.said(FEATURES.clauses(tokens), tokens);
  }

  private static Set<Integer> codes(String text) {
    return FEATURES.of(said(text).get(0)).stream()
        .map(Features.Feature::code)
        .collect(Collectors.toSet());
  }

  @Test
  void aClauseIsWeighedWholeAndBetweenItsAnds() {
    assertThat(pieces("webs and pale dots, soil wet"))
        .containsExactly("webs and pale dots", "webs", "pale dots", "soil wet");
    assertThat(pieces("and")).containsExactly("and");
    assertThat(pieces("")).isEmpty();
  }

  @Test
  void whatNamesNoPartSpeaksOfTheOneBefore() {
    List<Features.Clause> clauses = said("the roots are soft, brown too, leaves fine");
    assertThat(clauses).extracting(Features.Clause::parts).first().isEqualTo(Set.of("root"));
    assertThat(clauses.get(1).parts()).isEqualTo(Set.of("root"));
    assertThat(clauses.get(2).parts()).isEqualTo(Set.of("leaf"));
  }

  @Test
  void theOrderOfWordsNearEachOtherDoesNotCountAndLikeWordsShareAFeature() {
    assertThat(codes("brown soft")).isEqualTo(codes("soft brown"));
    assertThat(codes("mustard")).containsAnyElementsOf(codes("yellow"));
    assertThat(codes("the of and")).isEmpty();
    assertThat(codes("no")).isNotEmpty();
  }

  @Test
  void aSignOfLeavesIsNoneOfBudsRootsAndSoil() {
    Parts parts = new Parts(KNOWLEDGE);
    assertThat(parts.isNotOf("yellowing", List.of("flower"))).isTrue();
    assertThat(parts.isNotOf("yellowing", List.of("root", "soil"))).isTrue();
    assertThat(parts.isNotOf("yellowing", List.of("flower", "leaf"))).isFalse();
    assertThat(parts.isNotOf("yellowing", List.of())).isFalse();
    assertThat(parts.isNotOf("bud-drop", List.of("flower"))).isFalse();
    assertThat(parts.isNotOf("roots-rotten", List.of("root"))).isFalse();
    assertThat(parts.isNotOf("good-growth", List.of("flower"))).isFalse();
  }

  @Test
  void ofNothingLearnedNothingFollows() {
    List<Token> tokens = WORDS.of("the leaves are yellow");
    assertThat(new Likely(Learned.nothing(), FEATURES, tokens).chances()).isEmpty();
  }

  @Test
  void whatSpeaksForASignMakesItLikelier() {
    Learned learned = Learned.shipped();
    int yellow = learned.number("yellowing");
    assertThat(odds("the lower leaves turn yellow", learned)[yellow])
        .isPositive()
        .isGreaterThan(odds("the pot is blue", learned)[yellow]);
    assertThat(learned.number("no such sign")).isNull();
  }

  private static float[] odds(String text, Learned learned) {
    Features.Clause clause = said(text).get(0);
    return learned.odds(FEATURES.of(clause), FEATURES.saying(clause));
  }
}
