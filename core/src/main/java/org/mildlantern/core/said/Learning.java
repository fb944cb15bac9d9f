package org.mildlantern.core.said;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;

/**
 * Learns from what keepers said, and from the phrases of the lexicon, what clauses tell. The same
 * lessons and chances give the same weights.
 */
public final class Learning {
  private static final int LEARNERS = 4;

  private Learning() {}

  /**
   * What somebody said with what it tells.
   *
   * @param form the growth form of the plant, or null for a single way to say something
   * @param tells signs and open words that are there, and circumstances as {@code field=value}
   */
  public record Lesson(String text, GrowthForm form, Set<String> tells) {}

  /**
   * Learns, and writes what was learned.
   *
   * @param chance in which order, and in which words phrases are said
   */
  public static void write(
      Knowledge knowledge, List<Lesson> lessons, RandomGenerator chance, OutputStream to)
      throws IOException {
    Examples examples = new Examples(knowledge, chance);
    examples.takePhrases();
    lessons.forEach(examples::take);
    of(examples, key(knowledge, lessons), LEARNERS, chance).write(to);
  }

  /**
   * Learns from examples, at the same time.
   *
   * @param learners how many learn
   */
  static Learned of(Examples examples, long key, int learners, RandomGenerator chance) {
    WordVectors vectors = WordVectors.shipped();
    List<String> words = examples.words();
    List<String> labels = examples.labels();
    List<Descent> each =
        Stream.generate(() -> new SplittableRandom(chance.nextLong()))
            .limit(learners)
            .map(own -> new Descent(words, labels.size(), vectors, own))
            .toList();
    List<Windows> learned = each.parallelStream().map(one -> one.learned(examples.all())).toList();
    return new Learned(key, labels, words, learned, vectors);
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
}
