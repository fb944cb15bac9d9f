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
 * or {@code field=value}) the log odds are a sum over the features of a clause (logistic
 * regression). Made by {@link Learning}.
 *
 * @param key of the lessons from which it was learned
 * @param labels what a clause may tell
 * @param numbers of the labels
 * @param bias the log odds of each label when nothing is said
 * @param rows weights by the code of their feature
 */
record Learned(
    long key,
    List<String> labels,
    Map<String, Integer> numbers,
    float[] bias,
    Map<Integer, Row> rows) {
  static final String RESOURCE = "/said/learned.bin";

  /** Weights are kept to a tenth. */
  static final float STEP = 0.1f;

  /** The weights of a feature, by the number of their label. */
  record Row(short[] label, byte[] weight) {}

  /** Of which nothing was learned. */
  static Learned nothing() {
    return new Learned(0, List.of(), Map.of(), new float[0], Map.of());
  }

  /** As it ships. */
  static Learned shipped() {
    try (InputStream in = Learned.class.getResourceAsStream(RESOURCE)) {
      return in == null ? nothing() : of(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Learned of(InputStream packed) throws IOException {
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
    return new Learned(key, List.copyOf(labels), numbers, bias, rows);
  }

  /** The number of a label, or null when nothing was learned of it. */
  Integer number(String label) {
    return numbers.get(label);
  }

  /** The chance of each label in a clause with these features, 0 to 1. */
  double[] chances(List<Features.Feature> features) {
    double[] odds = new double[bias.length];
    for (int i = 0; i < odds.length; i++) {
      odds[i] = bias[i];
    }
    for (Features.Feature feature : features) {
      Row row = rows.get(feature.code());
      for (int i = 0; row != null && i < row.label().length; i++) {
        odds[row.label()[i]] += STEP * row.weight()[i];
      }
    }
    for (int i = 0; i < odds.length; i++) {
      odds[i] = 1 / (1 + Math.exp(-odds[i]));
    }
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
}
