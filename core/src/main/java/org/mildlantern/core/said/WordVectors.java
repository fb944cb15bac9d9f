package org.mildlantern.core.said;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.mildlantern.core.knowledge.Knowledge;

/**
 * Words as points: such as mean like things lie near each other, so that what was learned of one
 * holds of others that nobody taught. Frequent words say less and are shorter (smooth inverse
 * frequency: Arora, Liang & Ma 2017). Made by {@code bench/vectors}, see there.
 */
public final class WordVectors {
  private static final String RESOURCE = "/said/vectors.bin";

  /** A coordinate of 1 as it ships. */
  private static final int ONE = 127;

  /** How far the words lie out of which few are frequent. */
  private static final float LENGTH = 2.5f;

  private final Map<String, byte[]> byWord;

  private WordVectors(Map<String, byte[]> byWord) {
    this.byWord = byWord;
  }

  /** As they ship. */
  static WordVectors shipped() {
    try (InputStream packed = WordVectors.class.getResourceAsStream(RESOURCE);
        DataInputStream in = new DataInputStream(new GZIPInputStream(packed, 1 << 16))) {
      int count = in.readInt();
      int size = in.readInt();
      Map<String, byte[]> byWord = new HashMap<>(count * 2);
      for (int i = 0; i < count; i++) {
        String word = in.readUTF();
        byWord.put(word, in.readNBytes(size));
      }
      return new WordVectors(byWord);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Writes what ships.
   *
   * @param vectors of words, none longer than 1; those that share a stem are taken together
   */
  public static void write(Map<String, float[]> vectors, Knowledge knowledge, OutputStream to)
      throws IOException {
    Tokens words = new Tokens(knowledge.wording());
    Map<String, List<float[]>> byStem = new TreeMap<>();
    vectors.forEach(
        (word, vector) ->
            byStem.computeIfAbsent(words.stem(word), s -> new ArrayList<>()).add(vector));
    try (DataOutputStream out = new DataOutputStream(new GZIPOutputStream(to))) {
      out.writeInt(byStem.size());
      out.writeInt(vectors.values().iterator().next().length);
      for (Map.Entry<String, List<float[]>> stem : byStem.entrySet()) {
        out.writeUTF(stem.getKey());
        out.write(packed(stem.getValue()));
      }
    }
  }

  private static byte[] packed(List<float[]> alike) {
    byte[] packed = new byte[alike.get(0).length];
    for (int i = 0; i < packed.length; i++) {
      float sum = 0;
      for (float[] vector : alike) {
        sum += vector[i];
      }
      packed[i] = (byte) Math.round(ONE * sum / alike.size());
    }
    return packed;
  }

  /** Where a word lies, or null when it is not known. */
  float[] point(String word) {
    byte[] packed = byWord.get(word);
    if (packed == null) {
      return null;
    }
    float[] point = new float[packed.length];
    for (int i = 0; i < point.length; i++) {
      point[i] = LENGTH * packed[i] / ONE;
    }
    return point;
  }
}
