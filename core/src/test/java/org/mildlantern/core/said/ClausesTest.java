package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

/** What is said in one breath, what it likely tells, and of which parts signs can be said. */
class ClausesTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Tokens WORDS = new Tokens(KNOWLEDGE.wording());
  private static final Lexicon LEXICON = new Lexicon(KNOWLEDGE, WORDS);
  private static final Clauses CLAUSES = new Clauses(KNOWLEDGE.wording());

  private static List<String> pieces(String text) {
    List<Token> tokens = WORDS.of(text);
    return CLAUSES.pieces(tokens).stream()
        .map(p -> text.substring(tokens.get(p[0]).from(), tokens.get(p[1] - 1).to()))
        .toList();
  }

  @Test
  void aClauseIsWeighedWholeAndBetweenItsAnds() {
    assertThat(pieces("webs and pale dots, soil wet"))
        .containsExactly("webs and pale dots", "webs", "pale dots", "soil wet");
    assertThat(pieces("and")).containsExactly("and");
    assertThat(pieces("")).isEmpty();
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
    assertThat(new Likely(Learned.nothing(), LEXICON, CLAUSES, tokens).chances()).isEmpty();
  }

  @Test
  void whatSpeaksForASignMakesItLikelier() {
    Learned learned = Learned.shipped();
    int yellow = learned.number("yellowing");
    assertThat(odds("the lower leaves turn yellow", learned)[yellow])
        .isPositive()
        .isGreaterThan(odds("the pot is blue", learned)[yellow]);
    assertThat(odds("", learned)[yellow]).isNegative();
    assertThat(odds("qwxyz", learned)).isEqualTo(odds("", learned));
    assertThat(learned.number("no such sign")).isNull();
  }

  @Test
  void whatALikelySignIsToldByAreTheWordsThatSayIt() {
    Learned learned = Learned.shipped();
    List<Token> tokens = WORDS.of("on Friday the foliage rained down in our hallway");
    Likely likely = new Likely(learned, LEXICON, CLAUSES, tokens);
    Likely.Chance fall =
        likely.chances().stream()
            .filter(c -> c.name().equals("leaf-fall"))
            .findFirst()
            .orElseThrow();
    assertThat(likely.match(fall).at().stream().map(i -> tokens.get(i).word()))
        .contains("rained")
        .doesNotContain("hallway");
  }

  private static float[] odds(String text, Learned learned) {
    return learned.weighed(WORDS.of(text).stream().map(Token::stem).toList()).odds();
  }
}
