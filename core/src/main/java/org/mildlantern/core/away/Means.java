package org.mildlantern.core.away;

import java.util.List;

/**
 * Something that makes a plant last. Rules of thumb.
 *
 * @param full whether it sets out full
 * @param pace how many times as fast its pot then dries
 * @param days for which water lasts that is added
 * @param ways ways of life or tags that it suits; empty for all but {@code not}
 * @param minutes for each plant
 * @param money for each plant, in coins of one’s own
 */
public record Means(
    String id,
    String label,
    boolean full,
    double pace,
    double days,
    List<String> ways,
    List<String> not,
    double minutes,
    double money,
    String how) {
  public Means {
    ways = ways == null ? List.of() : ways;
    not = not == null ? List.of() : not;
  }
}
