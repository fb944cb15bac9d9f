package org.mildlantern.core.said;

import java.io.DataInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;

/**
 * What clauses tell, as it was learned from what keepers said: for each label (a sign, an open word
 * or {@code field=value}) the log odds are a sum over the features of a clause, as in a logistic
 * regression, and of what its words mean together. Made by {@link Learning}.
 *
 * @param key of the lessons from which it was learned
 * @param labels what a clause may tell
 * @param numbers of the labels
 * @param bias the log odds of each label when nothing is said
 * @param vectors what words mean
 * @param layers what it says that words mean something
 * @param rows weights by the code of their feature
 */
record Learned(
    long key,
    List<String> labels,
    Map<String, Integer> numbers,
    float[] bias,
    WordVectors vectors,
    Layers layers,
    Map<Integer, Row> rows) {
  static final String RESOURCE = "/said/learned.bin";

  /** Weights are kept to a tenth. */
  static final float STEP = 0.1f;

  /** The length of what the words of a clause mean together. */
  static final float LENGTH = 3;

  /** The weights of a feature, by the number of their label. */
  record Row(short[] label, byte[] weight) {}

  /** Of which nothing was learned. */
  static Learned nothing() {
    return new Learned(0, List.of(), Map.of(), new float[0], null, null, Map.of());
  }

  /** As it ships. */
  static Learned shipped() {
    try (InputStream in = Learned.class.getResourceAsStream(RESOURCE)) {
      return in == null ? nothing() : of(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static Learned of(InputStream packed) throws IOException {
    DataInputStream in = new DataInputStream(new GZIPInputStream(packed, 1 << 16));
    long key = in.readLong();
    int count = in.readInt();
    List<String> labels = new ArrayList<>();
    Map<String, Integer> numbers = new HashMap<>();
    float[] bias = new float[count];
    for (int i = 0; i < count; i++) {
      labels.add(in.readUTF());
      numbers.put(labels.get(i), i);
      bias[i] = in.readFloat();
    }
    WordVectors vectors = WordVectors.shipped();
    Layers layers = Layers.read(in, vectors.size(), count);
    int size = in.readInt();
    Map<Integer, Row> rows = new HashMap<>(size * 2);
    for (int i = 0; i < size; i++) {
      int code = in.readInt();
      int entries = in.readShort();
      Row row = new Row(new short[entries], new byte[entries]);
      for (int j = 0; j < entries; j++) {
        row.label()[j] = in.readShort();
        row.weight()[j] = in.readByte();
      }
      rows.put(code, row);
    }
    return new Learned(key, List.copyOf(labels), numbers, bias, vectors, layers, rows);
  }

  /** The number of a label, or null when nothing was learned of it. */
  Integer number(String label) {
    return numbers.get(label);
  }

  /**
   * The log odds of each label in a clause.
   *
   * @param saying its words that say something
   */
  float[] odds(List<Features.Feature> features, List<String> saying) {
    float[] odds = bias.clone();
    for (Features.Feature feature : features) {
      Row row = rows.get(feature.code());
      for (int i = 0; row != null && i < row.label().length; i++) {
        odds[row.label()[i]] += STEP * row.weight()[i];
      }
    }
    layers.say(layers.lit(vectors.of(saying, LENGTH)), odds);
    return odds;
  }

  /** What a feature adds to the log odds of a label. */
  double weight(Features.Feature feature, int label) {
    Row row = rows.get(feature.code());
    for (int i = 0; row != null && i < row.label().length; i++) {
      if (row.label()[i] == label) {
        return STEP * row.weight()[i];
      }
    }
    return 0;
  }

  /** What each word that says something adds by its meaning, next to the others. */
  double[] meant(List<String> saying, int label) {
    float[] slope = layers.slope(layers.lit(vectors.of(saying, LENGTH)), label);
    double length = vectors.length(saying);
    return saying.stream()
        .mapToDouble(word -> length == 0 ? 0 : LENGTH * vectors.along(word, slope) / length)
        .toArray();
  }
}
