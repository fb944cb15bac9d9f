package org.mildlantern.core.knowledge;

import java.util.Arrays;
import java.util.function.Function;

/** Finds the constant that stands for a word of the knowledge files. */
final class Words {
  private Words() {}

  static <T> T find(T[] all, Function<T, String> word, String wanted) {
    return Arrays.stream(all)
        .filter(each -> word.apply(each).equals(wanted))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "'" + wanted + "' is none of " + Arrays.stream(all).map(word).toList()));
  }
}
