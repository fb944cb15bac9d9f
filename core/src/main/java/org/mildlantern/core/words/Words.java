package org.mildlantern.core.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * The sentences of one room, from {@code words.properties} beside it, read once and immutable.
 *
 * <p>Example: with {@code left = {0, plural, one {# day} other {# days}} left}, {@code say("left",
 * 3)} is “3 days left”.
 */
public final class Words {
  private final String file;
  private final Map<String, Sentence> sentences = new TreeMap<>();

  private Words(String file) {
    this.file = file;
  }

  /**
   * The words of the room that a class lives in.
   *
   * @throws IllegalStateException when there are none, or one is no pattern
   */
  public static Words of(Class<?> room) {
    return of(room.getPackageName(), room.getClassLoader());
  }

  /** The same for a package by its name. */
  public static Words of(String room, ClassLoader loader) {
    Words words = new Words(room.replace('.', '/') + "/words.properties");
    Properties read = new Properties();
    try (InputStream in = loader.getResourceAsStream(words.file)) {
      if (in == null) {
        throw new IllegalStateException(words.file + " is missing");
      }
      read.load(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(words.file, e);
    }
    read.stringPropertyNames().forEach(key -> words.add(key, read.getProperty(key)));
    return words;
  }

  private void add(String key, String pattern) {
    try {
      sentences.put(key, Sentence.of(pattern));
    } catch (IllegalArgumentException e) {
      throw new IllegalStateException(file + ": " + key + ": " + e.getMessage(), e);
    }
  }

  public Set<String> keys() {
    return sentences.keySet();
  }

  /**
   * A sentence with its places filled, {0} first.
   *
   * @throws IllegalArgumentException when there is no such sentence, or it takes other values
   */
  public String say(String key, Object... values) {
    Sentence sentence = sentences.get(key);
    if (sentence == null || !sentence.names().equals(placesUpTo(values.length))) {
      throw new IllegalArgumentException(
          file + ": " + key + (sentence == null ? " is missing" : " takes " + sentence.names()));
    }
    Map<String, Object> filled = new HashMap<>();
    for (int i = 0; i < values.length; i++) {
      filled.put(Integer.toString(i), values[i]);
    }
    return sentence.say(filled);
  }

  /** A yes or no for a {@code select}: {@code {0, select, yes {…} other {…}}}. */
  public static String yes(boolean holds) {
    return holds ? "yes" : "no";
  }

  private static Set<String> placesUpTo(int many) {
    Set<String> places = new TreeSet<>();
    for (int i = 0; i < many; i++) {
      places.add(Integer.toString(i));
    }
    return places;
  }
}
