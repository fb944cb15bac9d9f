package org.mildlantern.core.said;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import java.util.zip.CRC32;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;

/**
 * Learns from what keepers said, and from the phrases of the lexicon, what clauses tell. The same
 * lessons and chances give the same weights.
 */
public final class Learning {
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
    Descent one = descent(examples, chance);
    one.joinWith(descent(examples, chance));
    one.write(key(knowledge, lessons), to);
  }

  private static Descent descent(Examples examples, RandomGenerator chance) {
    Descent descent = new Descent(examples.labels(), WordVectors.shipped(), chance);
    descent.learn(examples.all());
    return descent;
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
