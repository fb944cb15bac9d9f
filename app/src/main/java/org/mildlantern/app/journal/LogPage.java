package org.mildlantern.app.journal;

import java.time.Instant;
import java.util.List;

/**
 * A page of a plant's day book, the latest first.
 *
 * @param number from 1
 * @param older whether there is a page of older rows
 */
public record LogPage(List<Line> lines, int number, boolean older) {

  /** Lines that are shown at once. */
  private static final int LATEST = 10;

  /** The first lines of the page. */
  public List<Line> latest() {
    return lines.subList(0, Math.min(LATEST, lines.size()));
  }

  /** The others, which stand folded. */
  public List<Line> earlier() {
    return lines.subList(latest().size(), lines.size());
  }

  /** Whether a row stands among those. */
  public boolean isEarlier(Long entryId) {
    return earlier().stream().anyMatch(line -> line.entry().id().equals(entryId));
  }

  /**
   * One row, or what devices sent of one kind in a week.
   *
   * @param entry the row, or the last one that was sent
   * @param sent null for a row
   */
  public record Line(Entry entry, Sent sent) {
    Instant at() {
      return entry.at();
    }
  }

  /** Readings of one kind in a week. */
  public record Sent(Entry first, long number) {}
}
