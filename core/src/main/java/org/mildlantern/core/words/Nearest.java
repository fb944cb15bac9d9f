package org.mildlantern.core.words;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/** Finds the known names that are most like a mistyped one (Levenshtein 1966). */
public final class Nearest {
  private static final int MOST = 3;
  private static final int LONGEST = 80;

  private Nearest() {}

  /** The names that are most like it, the likest first, however unlike. */
  public static List<String> to(String wanted, Collection<String> known) {
    String cut = wanted.length() <= LONGEST ? wanted : wanted.substring(0, LONGEST);
    return known.stream()
        .sorted(Comparator.comparingInt((String id) -> distance(cut, id)).thenComparing(id -> id))
        .limit(MOST)
        .toList();
  }

  /** Letters to put in, take out or change, to make one of the other. */
  public static int distance(String a, String b) {
    int[] row = new int[b.length() + 1];
    for (int j = 0; j <= b.length(); j++) {
      row[j] = j;
    }
    for (int i = 1; i <= a.length(); i++) {
      int diagonal = row[0];
      row[0] = i;
      for (int j = 1; j <= b.length(); j++) {
        int above = row[j];
        int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
        row[j] = Math.min(change, Math.min(above, row[j - 1]) + 1);
        diagonal = above;
      }
    }
    return row[b.length()];
  }
}
