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
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * What clauses tell, as it was learned from what keepers said, several times: all together err less
 * than one, by the mean of their log odds (Hansen & Salamon 1990). Made by {@link Learning}.
 */
final class Learned {
  private static final String RESOURCE = "/said/learned.bin";

  /** So many words are kept with what they light. */
  private static final int KEPT = 4000;

  private final long key;
  private final List<String> labels;
  private final Map<String, Integer> numbers;
  private final List<String> words;
  private final Map<String, Integer> wordNumbers;
  private final List<Windows> all;
  private final List<float[][]> turned;
  private final WordVectors vectors;
  private final List<float[]> unknown;
  private final Map<String, List<float[]>> known = new ConcurrentHashMap<>();

  /**
   * What was learned.
   *
   * @param key of the lessons from which it was learned
   * @param labels what a clause may tell: a sign, an open word or {@code field=value}
   * @param words stems of which more is known than what they mean elsewhere
   */
  Learned(
      long key, List<String> labels, List<String> words, List<Windows> all, WordVectors vectors) {
    this.key = key;
    this.labels = List.copyOf(labels);
    this.numbers = numbered(labels);
    this.words = words;
    this.wordNumbers = numbered(words);
    this.all = all;
    this.turned = all.stream().map(Windows::byCoordinate).toList();
    this.vectors = vectors;
    this.unknown = all.stream().map(one -> new float[Windows.WIDE * one.start().length]).toList();
  }

  private static Map<String, Integer> numbered(List<String> names) {
    Map<String, Integer> numbers = new HashMap<>();
    names.forEach(name -> numbers.put(name, numbers.size()));
    return numbers;
  }

  /** Whether a stem is one of a word that was learned, or of the language. */
  boolean knows(String stem) {
    return wordNumbers.containsKey(stem) || vectors.point(stem) != null;
  }

  /** Of which nothing was learned but the words of the language. */
  static Learned nothing() {
    return new Learned(0, List.of(), List.of(), List.of(), WordVectors.shipped());
  }

  /** As it ships. */
  static Learned shipped() {
    try (InputStream in = Learned.class.getResourceAsStream(RESOURCE)) {
      return of(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static Learned of(InputStream packed) throws IOException {
    DataInputStream in = new DataInputStream(new GZIPInputStream(packed, 1 << 16));
    long key = in.readLong();
    List<String> labels = names(in);
    List<String> words = names(in);
    int units = in.readInt();
    List<Windows> all = new ArrayList<>();
    for (int left = in.readInt(); left > 0; left--) {
      all.add(Windows.read(in, words.size(), units, labels.size()));
    }
    return new Learned(key, labels, words, all, WordVectors.shipped());
  }

  private static List<String> names(DataInputStream in) throws IOException {
    List<String> names = new ArrayList<>();
    for (int left = in.readInt(); left > 0; left--) {
      names.add(in.readUTF());
    }
    return names;
  }

  void write(OutputStream to) throws IOException {
    try (DataOutputStream out = new DataOutputStream(new GZIPOutputStream(to))) {
      out.writeLong(key);
      write(labels, out);
      write(words, out);
      out.writeInt(all.get(0).start().length);
      out.writeInt(all.size());
      for (Windows one : all) {
        one.write(out);
      }
    }
  }

  private static void write(List<String> names, DataOutputStream out) throws IOException {
    out.writeInt(names.size());
    for (String name : names) {
      out.writeUTF(name);
    }
  }

  long key() {
    return key;
  }

  List<String> labels() {
    return labels;
  }

  /** The number of a label, or null when nothing was learned of it. */
  Integer number(String label) {
    return numbers.get(label);
  }

  /**
   * What a clause tells.
   *
   * @param odds the log odds of each label
   * @param words what each of its words lights, by learner
   * @param lit how the units of each learner are lit
   */
  record Weighed(float[] odds, List<List<float[]>> words, List<float[]> lit, List<Windows> all) {
    /** What each word says for a label. */
    double[] says(int label) {
      double[] says = new double[words.get(0).size()];
      for (int i = 0; i < all.size(); i++) {
        all.get(i).say(says, words.get(i), lit.get(i), label);
      }
      return says;
    }
  }

  /**
   * Weighs a clause.
   *
   * @param stems of all its words
   */
  Weighed weighed(List<String> stems) {
    List<List<float[]>> lights = stems.stream().map(this::lights).toList();
    float[] mean = new float[labels.size()];
    List<List<float[]>> words = new ArrayList<>();
    List<float[]> lit = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      int one = i;
      words.add(lights.stream().map(each -> each.get(one)).toList());
      lit.add(all.get(i).lit(words.get(i)));
      float[] odds = all.get(i).odds(lit.get(i));
      for (int label = 0; label < mean.length; label++) {
        mean[label] += odds[label] / all.size();
      }
    }
    return new Weighed(mean, words, lit, all);
  }

  private List<float[]> lights(String stem) {
    List<float[]> lights = known.get(stem);
    if (lights == null) {
      lights = lit(stem);
      if (lights != unknown && known.size() < KEPT) {
        known.put(stem, lights);
      }
    }
    return lights;
  }

  /** What a word lights in each; one that nobody knows lights nothing. */
  private List<float[]> lit(String stem) {
    Integer number = wordNumbers.get(stem);
    float[] elsewhere = number == null ? vectors.point(stem) : null;
    if (number == null && elsewhere == null) {
      return unknown;
    }
    return IntStream.range(0, all.size())
        .mapToObj(
            i ->
                Windows.lights(
                    number == null ? elsewhere : all.get(i).points()[number], turned.get(i)))
        .toList();
  }
}
