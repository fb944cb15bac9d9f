package org.mildlantern.core.knowledge;

import java.util.List;
import org.mildlantern.core.knowledge.load.Table;

/**
 * A word that keepers use for several signs, such as brown spots: one of them is there, and a look
 * will tell which.
 *
 * @param words what growers call it too
 * @param meant ids of the signs that it can mean
 */
public record OpenWord(String id, String label, List<String> words, List<String> meant) {

  /** Whether both are the same sign or word, or one can mean the other. */
  public static boolean alike(String one, String other, Table<OpenWord> words) {
    return one.equals(other) || means(one, other, words) || means(other, one, words);
  }

  private static boolean means(String word, String sign, Table<OpenWord> words) {
    return words.find(word).map(OpenWord::meant).orElse(List.of()).contains(sign);
  }
}
