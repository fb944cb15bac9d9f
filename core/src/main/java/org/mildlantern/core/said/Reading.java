package org.mildlantern.core.said;

import java.util.List;

/**
 * What was read from a text.
 *
 * @param kind the kind that it names, as it is called there, or null
 * @param unread what was not understood
 */
public record Reading(Named kind, List<Seen> seen, List<Told> told, List<Span> unread) {

  /** Characters of the text, from the first to after the last. */
  public record Span(int from, int to) {}

  /** A kind that the text names. */
  public record Named(String taxon, Span span) {}

  /**
   * A sign or an open word that is there or not.
   *
   * @param pattern where it sits, or null when that was not said
   * @param sure 0 to 1, by how plainly it was said; a rule of thumb
   * @param alternatives signs that the word can mean, when it is open
   */
  public record Seen(
      String sign,
      String pattern,
      boolean present,
      Span span,
      double sure,
      List<String> alternatives) {}

  /** A circumstance: a field with its value, a number in the field's unit or one of its words. */
  public record Told(String field, String value, Span span) {}
}
