package org.mildlantern.core.said;

import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import java.util.zip.CRC32;
import java.util.zip.GZIPOutputStream;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.OpenWord;

/**
 * Learns from what keepers said, and from the phrases of the lexicon, what clauses tell: one
 * logistic regression for each label, by stochastic gradient descent with a step of its own for
 * each weight (Duchi, Hazan & Singer 2011). The same lessons and chances give the same weights.
 */
public final class Learning {
  private static final int TIMES = 4;
  private static final float STEP = 0.15f;
  private static final float BIAS = -4;

  /** What is there counts for more than what is not, as so few labels are there. Rule of thumb. */
  private static final float THERE = 8;

  /** So many ways to say a phrase are drawn. */
  private static final int DRAWN = 8;

  private static final float PHRASE = 1;
  private static final float WAY = 2;
  private static final float CLAUSE = 3;

  /** What occurs less often is not weighed. */
  private static final int SELDOM = 2;

  /** Smaller weights are left out. */
  private static final float SMALL = 0.2f;

  /** Errors that change nothing. */
  private static final float NOTHING = 1e-4f;

  private final Knowledge knowledge;
  private final Tokens words;
  private final Lexicon lexicon;
  private final Features features;
  private final Reader reader;
  private final RandomGenerator chance;
  private final Map<String, Integer> labels = new LinkedHashMap<>();
  private final List<Example> examples = new ArrayList<>();

  private Learning(Knowledge knowledge, RandomGenerator chance) {
    this.chance = chance;
    this.knowledge = knowledge;
    this.words = new Tokens(knowledge.wording());
    this.lexicon = new Lexicon(knowledge, words);
    this.features = new Features(lexicon, knowledge.wording());
    this.reader = new Reader(knowledge, Learned.nothing());
  }

  /**
   * What somebody said with what it tells.
   *
   * @param form the growth form of the plant, or null for a single way to say one thing
   * @param tells signs and open words that are there, and circumstances as {@code field=value}
   */
  public record Lesson(String text, GrowthForm form, Set<String> tells) {}

  /**
   * A clause for learning.
   *
   * @param tells numbers of the labels that are there
   * @param open numbers of the labels of which it is not known in which clause they are
   */
  private record Example(
      List<Features.Feature> features, List<Integer> tells, List<Integer> open, float counts) {}

  /**
   * Learns, and writes what was learned.
   *
   * @param chance in which order, and in which words phrases are said
   */
  public static void write(
      Knowledge knowledge, List<Lesson> lessons, RandomGenerator chance, OutputStream to)
      throws IOException {
    Learning learning = new Learning(knowledge, chance);
    learning.phrases();
    lessons.forEach(learning::take);
    learning.learn(key(knowledge, lessons), to);
  }

  /** Tells what a file was learned from: other lessons or words have another. */
  public static long key(Knowledge knowledge, List<Lesson> lessons) {
    CRC32 sum = new CRC32();
    knowledge
        .wording()
        .all()
        .forEach(one -> sum.update((one.id() + one.say()).getBytes(StandardCharsets.UTF_8)));
    lessons.forEach(
        lesson ->
            sum.update(
                (lesson.text() + new TreeSet<>(lesson.tells())).getBytes(StandardCharsets.UTF_8)));
    return sum.getValue();
  }

  /** The key of the lessons from which the file that ships was learned. */
  public static long shippedKey() {
    return Learned.shipped().key();
  }

  private int label(String name) {
    return labels.computeIfAbsent(name, n -> labels.size());
  }

  private void phrases() {
    for (Lexicon.Phrase phrase : lexicon.all()) {
      if (phrase.isIdiom()) {
        continue;
      }
      int label = label(phrase.name());
      long ways = phrase.items().stream().mapToLong(Set::size).reduce(1, (a, b) -> a * b);
      for (int i = 0; i < Math.min(DRAWN, ways); i++) {
        examples.add(new Example(features.of(drawn(phrase)), List.of(label), List.of(), PHRASE));
      }
    }
  }

  /** A phrase said in some of its words. */
  private Features.Clause drawn(Lexicon.Phrase phrase) {
    List<String> stems = new ArrayList<>();
    if (phrase.subject() != null) {
      List<String> names = lexicon.namesOf(phrase.subject());
      stems.add(names.get(chance.nextInt(names.size())));
    }
    for (Set<String> item : phrase.items()) {
      List<String> all = new ArrayList<>(new TreeSet<>(item));
      String one = all.get(chance.nextInt(all.size()));
      stems.add(one.startsWith(Tokens.AS_IT_STANDS) ? words.stem(one.substring(1)) : one);
    }
    return new Features.Clause(stems, features.parts(stems));
  }

  private void take(Lesson lesson) {
    List<Token> tokens = words.of(lesson.text());
    if (lesson.form() == null) {
      takeWay(lesson, tokens);
    } else {
      takeText(lesson, tokens);
    }
  }

  private void takeWay(Lesson lesson, List<Token> tokens) {
    List<String> stems = tokens.stream().map(Token::stem).toList();
    List<Integer> tells = lesson.tells().stream().map(this::label).toList();
    Features.Clause clause = new Features.Clause(stems, features.parts(stems));
    examples.add(new Example(features.of(clause), tells, List.of(), WAY));
  }

  /** What is read by phrases tells in which of its clauses a text says what it tells. */
  private void takeText(Lesson lesson, List<Token> tokens) {
    Map<String, Reading.Span> found = found(lesson);
    List<Integer> open =
        lesson.tells().stream()
            .filter(name -> !found.containsKey(name) && labels.containsKey(name))
            .map(labels::get)
            .toList();
    List<int[]> bounds = features.pieces(tokens);
    List<Features.Clause> clauses = features.said(bounds, tokens);
    for (int i = 0; i < clauses.size(); i++) {
      int from = tokens.get(bounds.get(i)[0]).from();
      int to = tokens.get(bounds.get(i)[1] - 1).to();
      List<Integer> tells =
          found.entrySet().stream()
              .filter(one -> one.getValue().from() < to && one.getValue().to() > from)
              .map(one -> label(one.getKey()))
              .toList();
      examples.add(new Example(features.of(clauses.get(i)), tells, open, CLAUSE));
    }
  }

  /** What phrases find of that which a text tells, and where. */
  private Map<String, Reading.Span> found(Lesson lesson) {
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

  private boolean tells(Lesson lesson, String read) {
    return lesson.tells().stream()
        .anyMatch(said -> OpenWord.alike(read, said, knowledge.openWords()));
  }

  private void learn(long key, OutputStream to) throws IOException {
    Map<Integer, Integer> rows = rows();
    int count = labels.size();
    float[][] weight = new float[rows.size()][count];
    float[][] moved = new float[rows.size()][count];
    float[] bias = new float[count];
    float[] biasMoved = new float[count];
    Arrays.fill(bias, BIAS);
    for (int time = 0; time < TIMES; time++) {
      shuffle();
      for (Example example : examples) {
        int[] at =
            example.features().stream()
                .map(feature -> rows.get(feature.code()))
                .filter(row -> row != null)
                .mapToInt(Integer::intValue)
                .toArray();
        float[] wrong = wrong(example, at, weight, bias);
        for (int label = 0; label < count; label++) {
          if (Math.abs(wrong[label]) < NOTHING) {
            continue;
          }
          float square = wrong[label] * wrong[label];
          biasMoved[label] += square;
          bias[label] -= STEP / 3 * wrong[label] / (float) Math.sqrt(biasMoved[label] + 1e-3);
          for (int row : at) {
            moved[row][label] += square;
            weight[row][label] -= STEP * wrong[label] / (float) Math.sqrt(moved[row][label] + 1e-3);
          }
        }
      }
    }
    write(key, rows, weight, bias, to);
  }

  /** Every order is as likely (Fisher & Yates 1938, Durstenfeld 1964). */
  private void shuffle() {
    for (int i = examples.size() - 1; i > 0; i--) {
      Collections.swap(examples, i, chance.nextInt(i + 1));
    }
  }

  /** Numbers of the features that are weighed, by their codes. */
  private Map<Integer, Integer> rows() {
    Map<Integer, Integer> times = new HashMap<>();
    examples.forEach(
        example -> example.features().forEach(f -> times.merge(f.code(), 1, Integer::sum)));
    Map<Integer, Integer> rows = new LinkedHashMap<>();
    new TreeMap<>(times)
        .forEach(
            (code, often) -> {
              if (often >= SELDOM) {
                rows.put(code, rows.size());
              }
            });
    return rows;
  }

  /** How far each label is told wrong. */
  private static float[] wrong(Example example, int[] at, float[][] weight, float[] bias) {
    float[] odds = bias.clone();
    for (int row : at) {
      for (int label = 0; label < odds.length; label++) {
        odds[label] += weight[row][label];
      }
    }
    for (int label = 0; label < odds.length; label++) {
      odds[label] = example.counts() * (float) (1 / (1 + Math.exp(-odds[label])));
    }
    for (int label : example.tells()) {
      odds[label] = THERE * (odds[label] - example.counts());
    }
    example.open().forEach(label -> odds[label] = 0);
    return odds;
  }

  private void write(
      long key, Map<Integer, Integer> rows, float[][] weight, float[] bias, OutputStream to)
      throws IOException {
    Map<Integer, float[]> kept = new LinkedHashMap<>();
    rows.forEach(
        (code, row) -> {
          for (float one : weight[row]) {
            if (Math.abs(one) >= SMALL) {
              kept.put(code, weight[row]);
              break;
            }
          }
        });
    try (DataOutputStream out = new DataOutputStream(new GZIPOutputStream(to))) {
      out.writeLong(key);
      out.writeInt(labels.size());
      for (Map.Entry<String, Integer> label : labels.entrySet()) {
        out.writeUTF(label.getKey());
        out.writeFloat(bias[label.getValue()]);
      }
      out.writeInt(kept.size());
      for (Map.Entry<Integer, float[]> row : kept.entrySet()) {
        out.writeInt(row.getKey());
        write(row.getValue(), out);
      }
    }
  }

  private static void write(float[] weights, DataOutputStream out) throws IOException {
    int count = 0;
    for (float weight : weights) {
      count += Math.abs(weight) >= SMALL ? 1 : 0;
    }
    out.writeShort(count);
    for (int label = 0; label < weights.length; label++) {
      if (Math.abs(weights[label]) >= SMALL) {
        out.writeShort(label);
        out.writeByte(Math.round(Math.max(-12.7f, Math.min(12.7f, weights[label])) / Learned.STEP));
      }
    }
  }
}
