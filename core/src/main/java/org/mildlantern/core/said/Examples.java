package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.OpenWord;

/** Clauses with what they tell, from the phrases of the lexicon, single ways and whole texts. */
final class Examples {
  /** So many ways to say a phrase are drawn, of which this share is taken each time. */
  private static final int DRAWN = 8;

  private static final double TAKEN = 0.4;

  private static final float PHRASE = 1;
  private static final float WAY = 2;
  private static final float CLAUSE = 3;

  /** Few examples tell nothing, of all that keepers say besides; each is taken so many times. */
  private static final int NOTHING = 5;

  private final Knowledge knowledge;
  private final Tokens words;
  private final Lexicon lexicon;
  private final Clauses clauses;
  private final Reader reader;
  private final Spelling spelling;
  private final RandomGenerator chance;
  private final Map<String, Integer> labels = new LinkedHashMap<>();
  private final Map<String, Integer> stems = new LinkedHashMap<>();
  private final List<Example> all = new ArrayList<>();

  Examples(Knowledge knowledge, RandomGenerator chance) {
    this.knowledge = knowledge;
    this.words = new Tokens(knowledge.wording());
    this.lexicon = new Lexicon(knowledge, words);
    this.clauses = new Clauses(knowledge.wording());
    Learned nothing = Learned.nothing();
    this.reader = new Reader(knowledge, nothing);
    this.spelling =
        new Spelling(knowledge, words, stem -> lexicon.isKnown(stem) || nothing.knows(stem));
    this.chance = chance;
  }

  /**
   * A clause for learning.
   *
   * @param words their numbers
   * @param tells numbers of the labels that are there
   * @param open numbers of the labels of which it is not known in which clause they are
   * @param counts how much it weighs
   * @param share how often it is taken, of all times
   */
  record Example(int[] words, int[] tells, int[] open, float counts, double share) {
    /** Both said in one breath. */
    Example with(Example other) {
      return new Example(
          IntStream.concat(IntStream.of(words), IntStream.of(other.words)).toArray(),
          IntStream.concat(IntStream.of(tells), IntStream.of(other.tells)).distinct().toArray(),
          open,
          counts,
          share);
    }
  }

  List<Example> all() {
    return all;
  }

  /** What the examples tell, by number. */
  List<String> labels() {
    return List.copyOf(labels.keySet());
  }

  /** The stems of their words, by number. */
  List<String> words() {
    return List.copyOf(stems.keySet());
  }

  private int label(String name) {
    return labels.computeIfAbsent(name, n -> labels.size());
  }

  /** Takes the phrases of the lexicon, each in some of its words. */
  void takePhrases() {
    for (Lexicon.Phrase phrase : lexicon.all()) {
      if (phrase.isIdiom()) {
        continue;
      }
      int[] label = {label(phrase.name())};
      long ways = phrase.items().stream().mapToLong(Set::size).reduce(1, (a, b) -> a * b);
      for (int i = 0; i < Math.min(DRAWN, ways); i++) {
        take(drawn(phrase), label, new int[0], PHRASE, TAKEN);
      }
    }
  }

  private void take(List<String> said, int[] tells, int[] open, float counts, double share) {
    int[] words =
        said.stream().mapToInt(one -> stems.computeIfAbsent(one, s -> stems.size())).toArray();
    all.add(new Example(words, tells, open, counts, share));
  }

  private List<String> drawn(Lexicon.Phrase phrase) {
    List<String> stems = new ArrayList<>();
    if (phrase.subject() != null) {
      List<String> names = lexicon.namesOf(phrase.subject());
      stems.add(names.get(chance.nextInt(names.size())));
    }
    for (Set<String> item : phrase.items()) {
      List<String> ways = new ArrayList<>(new TreeSet<>(item));
      String one = ways.get(chance.nextInt(ways.size()));
      stems.add(one.startsWith(Tokens.AS_IT_STANDS) ? words.stem(one.substring(1)) : one);
    }
    return stems;
  }

  void take(Learning.Lesson lesson) {
    List<Token> tokens = spelling.mended(words.of(lesson.text()));
    if (lesson.form() == null) {
      takeWay(lesson, tokens);
    } else {
      takeText(lesson, tokens);
    }
  }

  private void takeWay(Learning.Lesson lesson, List<Token> tokens) {
    List<String> stems = tokens.stream().map(Token::stem).toList();
    int[] tells = lesson.tells().stream().sorted().mapToInt(this::label).toArray();
    for (int i = 0; i < (tells.length == 0 ? NOTHING : 1); i++) {
      take(stems, tells, new int[0], WAY, 1);
    }
  }

  /** What is read by phrases tells in which of its clauses a text says what it tells. */
  private void takeText(Learning.Lesson lesson, List<Token> tokens) {
    Map<String, Reading.Span> found = found(lesson);
    int[] open =
        lesson.tells().stream()
            .filter(name -> !found.containsKey(name) && labels.containsKey(name))
            .mapToInt(labels::get)
            .toArray();
    for (int[] piece : clauses.pieces(tokens)) {
      int from = tokens.get(piece[0]).from();
      int to = tokens.get(piece[1] - 1).to();
      int[] tells =
          found.entrySet().stream()
              .filter(one -> one.getValue().from() < to && one.getValue().to() > from)
              .mapToInt(one -> label(one.getKey()))
              .toArray();
      take(Clauses.stems(piece, tokens), tells, open, CLAUSE, 1);
    }
  }

  /** What phrases find of that which a text tells, and where. */
  private Map<String, Reading.Span> found(Learning.Lesson lesson) {
    Reading reading = reader.read(lesson.text(), lesson.form());
    Map<String, Reading.Span> found = new TreeMap<>();
    reading.seen().stream()
        .filter(seen -> seen.present() && tells(lesson, seen.sign()))
        .forEach(seen -> found.put(seen.sign(), seen.span()));
    reading.told().stream()
        .filter(told -> labels.containsKey(told.field() + "=" + told.value()))
        .filter(told -> lesson.tells().contains(told.field() + "=" + told.value()))
        .forEach(told -> found.put(told.field() + "=" + told.value(), told.span()));
    return found;
  }

  private boolean tells(Learning.Lesson lesson, String read) {
    return lesson.tells().stream()
        .anyMatch(said -> OpenWord.alike(read, said, knowledge.openWords()));
  }
}
