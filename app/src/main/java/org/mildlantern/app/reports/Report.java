package org.mildlantern.app.reports;

import java.util.List;

/**
 * A paper.
 *
 * @param title what it is
 * @param about whose, and of which day
 * @param parts in order
 * @param note what is to be minded, or empty
 * @param picture source of an image, or null
 */
public record Report(String title, String about, List<Part> parts, String note, String picture) {

  /**
   * A table of the paper.
   *
   * @param title or empty
   * @param heads names of its columns; empty for a list of facts
   */
  record Part(String title, List<String> heads, List<List<String>> rows) {}
}
