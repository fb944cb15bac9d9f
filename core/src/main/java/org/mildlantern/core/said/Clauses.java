package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.mildlantern.core.knowledge.Wording;

/** What a text says in one breath each. */
final class Clauses {
  /** Words that add another thing, as “and” does. */
  private final Set<String> joins;

  Clauses(Wording wording) {
    this.joins = Set.copyOf(wording.particles("joins"));
  }

  /** The clauses of a text, each by the numbers of its first word and after its last. */
  private static List<int[]> whole(List<Token> tokens) {
    List<int[]> clauses = new ArrayList<>();
    int from = 0;
    for (int i = 1; i <= tokens.size(); i++) {
      if (i == tokens.size() || tokens.get(i).clause() != tokens.get(from).clause()) {
        clauses.add(new int[] {from, i});
        from = i;
      }
    }
    return clauses;
  }

  /** The same, and what stands between their “and”s. */
  List<int[]> pieces(List<Token> tokens) {
    List<int[]> pieces = new ArrayList<>();
    for (int[] clause : whole(tokens)) {
      pieces.add(clause);
      int from = clause[0];
      for (int i = clause[0]; i < clause[1]; i++) {
        if (joins.contains(tokens.get(i).word())) {
          put(from, i, pieces);
          from = i + 1;
        }
      }
      if (from > clause[0]) {
        put(from, clause[1], pieces);
      }
    }
    return pieces;
  }

  private static void put(int from, int to, List<int[]> into) {
    if (to > from) {
      into.add(new int[] {from, to});
    }
  }

  static List<String> stems(int[] piece, List<Token> tokens) {
    return tokens.subList(piece[0], piece[1]).stream().map(Token::stem).toList();
  }
}
