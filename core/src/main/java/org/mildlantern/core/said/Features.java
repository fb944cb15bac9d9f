package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Wording;

/** What of a clause is weighed: its words, what they stand for, and which stand near each other. */
final class Features {
  /** Words further apart are not taken together. */
  private static final int NEAR = 4;

  private final Lexicon lexicon;

  /** Words that add another thing, as “and” does. */
  private final Set<String> joins;

  private final Map<String, Set<String>> standsFor = new HashMap<>();

  Features(Lexicon lexicon, Wording wording) {
    this.lexicon = lexicon;
    this.joins = Set.copyOf(wording.particles("joins"));
    lexicon
        .standIns()
        .forEach(
            (word, others) ->
                others.stream()
                    .filter(other -> !other.equals(word))
                    .forEach(
                        other -> standsFor.computeIfAbsent(other, o -> new TreeSet<>()).add(word)));
  }

  /**
   * One of them, with the numbers of its words in the clause.
   *
   * @param code its name, hashed; names that share one are weighed as one
   */
  record Feature(int code, List<Integer> words) {}

  /** Stems of a clause and the parts that it speaks of. */
  record Clause(List<String> stems, Set<String> parts) {}

  /** Each once, where it stands first. */
  List<Feature> of(Clause clause) {
    Map<Integer, Feature> features = new LinkedHashMap<>();
    List<Integer> said = said(clause);
    for (int a = 0; a < said.size(); a++) {
      int at = said.get(a);
      String stem = clause.stems().get(at);
      put("w:" + stem, List.of(at), features);
      put("h:" + stem, List.of(at), features);
      for (String word : standsFor.getOrDefault(stem, Set.of())) {
        put("h:" + word, List.of(at), features);
      }
      for (int b = a + 1; b < said.size() && b <= a + NEAR; b++) {
        String other = clause.stems().get(said.get(b));
        boolean first = stem.compareTo(other) <= 0;
        String pair = first ? stem + "_" + other : other + "_" + stem;
        put("p:" + pair, List.of(at, said.get(b)), features);
        if (b == a + 1) {
          put("b:" + pair, List.of(at, said.get(b)), features);
        }
      }
    }
    for (String part : clause.parts()) {
      put("s:" + part, List.of(), features);
    }
    return List.copyOf(features.values());
  }

  /** The numbers of its words that say something. */
  List<Integer> said(Clause clause) {
    return IntStream.range(0, clause.stems().size())
        .filter(i -> says(clause.stems().get(i)))
        .boxed()
        .toList();
  }

  /** The words that say something. */
  List<String> saying(Clause clause) {
    return clause.stems().stream().filter(this::says).toList();
  }

  private boolean says(String stem) {
    return !lexicon.isFiller(stem) || lexicon.isLeaven(stem);
  }

  private static void put(String name, List<Integer> words, Map<Integer, Feature> into) {
    into.putIfAbsent(name.hashCode(), new Feature(name.hashCode(), words));
  }

  /** The clauses of a text, each by the numbers of its first word and after its last. */
  List<int[]> clauses(List<Token> tokens) {
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
    for (int[] clause : clauses(tokens)) {
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

  /** What pieces say, each of the parts that it names or else of those that were named last. */
  List<Clause> said(List<int[]> pieces, List<Token> tokens) {
    List<Clause> all = new ArrayList<>();
    for (int[] piece : pieces) {
      List<String> stems = tokens.subList(piece[0], piece[1]).stream().map(Token::stem).toList();
      Set<String> parts = parts(stems);
      for (int i = piece[0] - 1; parts.isEmpty() && i >= 0; i--) {
        parts = lexicon.subjects(tokens.get(i).stem());
      }
      all.add(new Clause(stems, parts));
    }
    return all;
  }

  Set<String> parts(List<String> stems) {
    Set<String> parts = new TreeSet<>();
    stems.forEach(stem -> parts.addAll(lexicon.subjects(stem)));
    return parts;
  }
}
