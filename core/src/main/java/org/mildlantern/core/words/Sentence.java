package org.mildlantern.core.words;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.ibm.icu.math.BigDecimal;
import com.ibm.icu.text.DecimalFormat;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * A sentence with places for numbers, names and choices, in ICU message syntax.
 *
 * <p>Example: {@code {days, plural, one {# day} other {# days}} left} says “1 day left” and “3 days
 * left”. A figure that is not counted has its pattern with it, {@code {ml, number, 0} ml}: a comma
 * between thousands could be read as a decimal one.
 */
public final class Sentence {
  private final MessageFormat format;
  private final Set<String> names = new TreeSet<>();

  /** Places that take a value as it is. */
  private final Set<String> plain = new HashSet<>();

  private Sentence(String typed) {
    String text = counted(typed.replaceAll(",\\s*number\\s*,\\s*", ",number,"));
    MessagePattern pattern = new MessagePattern(text);
    for (int i = 0; i < pattern.countParts(); i++) {
      MessagePattern.Part part = pattern.getPart(i);
      if (part.getType() == MessagePattern.Part.Type.ARG_START) {
        read(pattern, i, part.getArgType());
      }
    }
    format = new MessageFormat(text, Locale.ENGLISH);
    for (String name : format.getArgumentNames()) {
      if (format.getFormatByArgumentName(name) instanceof DecimalFormat figure) {
        figure.setRoundingMode(BigDecimal.ROUND_HALF_UP);
      }
    }
  }

  /** Writes each # of a plural out, since by itself it would put a comma between thousands. */
  private static String counted(String text) {
    MessagePattern pattern = new MessagePattern(text);
    StringBuilder counted = new StringBuilder(text);
    for (int i = pattern.countParts() - 1; i >= 0; i--) {
      if (pattern.getPart(i).getType() == MessagePattern.Part.Type.REPLACE_NUMBER) {
        int at = pattern.getPart(i).getIndex();
        counted.replace(at, at + 1, "{" + counts(pattern, i) + ",number,0}");
      }
    }
    return counted.toString();
  }

  /** The name of the plural in whose message a part stands. */
  private static String counts(MessagePattern pattern, int part) {
    for (int i = part; ; i--) {
      if (pattern.getPart(i).getType() == MessagePattern.Part.Type.ARG_START
          && pattern.getPart(i).getArgType().hasPluralStyle()
          && pattern.getLimitPartIndex(i) > part) {
        return pattern.getSubstring(pattern.getPart(i + 1));
      }
    }
  }

  private void read(MessagePattern pattern, int start, MessagePattern.ArgType type) {
    String name = pattern.getSubstring(pattern.getPart(start + 1));
    names.add(name);
    if (type == MessagePattern.ArgType.NONE) {
      plain.add(name);
    } else if (type == MessagePattern.ArgType.SIMPLE
        && pattern.getPart(start + 3).getType() != MessagePattern.Part.Type.ARG_STYLE) {
      throw new IllegalArgumentException(name + " wants a pattern, such as {ml, number, 0}");
    }
  }

  /**
   * Reads a pattern.
   *
   * @throws IllegalArgumentException when it is none
   */
  @JsonCreator
  public static Sentence of(String pattern) {
    return new Sentence(pattern);
  }

  /** The names of its places; their numbers where they have none. */
  public Set<String> names() {
    return names;
  }

  /**
   * The sentence with its places filled.
   *
   * @throws IllegalArgumentException when one is missing, or a fraction has no pattern
   */
  public String say(Map<String, ?> values) {
    Map<String, Object> filled = new HashMap<>();
    for (String name : names) {
      Object value = values.get(name);
      if (value == null || plain.contains(name) && value instanceof Double) {
        throw new IllegalArgumentException("“" + this + "”: " + name + " cannot be " + value);
      }
      filled.put(name, plain.contains(name) ? value.toString() : value);
    }
    // A message format is not safe to share between threads.
    synchronized (format) {
      return format.format(filled);
    }
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Sentence sentence && format.equals(sentence.format);
  }

  @Override
  public int hashCode() {
    return format.hashCode();
  }

  @Override
  public String toString() {
    return format.toPattern();
  }
}
