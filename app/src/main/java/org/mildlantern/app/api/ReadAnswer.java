package org.mildlantern.app.api;

import java.util.List;
import java.util.Map;

/**
 * What was read from a text; findings and context are taken as they are by a diagnosis.
 *
 * @param maybe what it may tell besides, to be asked for
 * @param told where the text says what is in the context, and how sure that is
 */
record ReadAnswer(
    String taxon,
    String form,
    List<Found> findings,
    List<Found> maybe,
    Map<String, Object> context,
    List<Told> told,
    List<Part> unread) {

  /**
   * A finding with the part of the text that says it.
   *
   * @param pattern null when its place was not said
   * @param sure how likely it was meant, 0 to 1; a diagnosis counts it so
   * @param alternatives signs that an open word can mean
   */
  record Found(
      String sign,
      String pattern,
      String state,
      int from,
      int to,
      double sure,
      List<String> alternatives) {}

  /** A circumstance with the part of the text that says it. */
  record Told(String field, Object value, int from, int to, double sure) {}

  /** Characters of the text, from the first to after the last. */
  record Part(int from, int to) {}
}
