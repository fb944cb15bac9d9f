package org.mildlantern.app.repot;

import java.util.List;

/**
 * The work of a small tree’s year.
 *
 * @param say what its kind asks, in a sentence
 * @param pinch how its growth is kept short
 * @param wire when its wire is looked at, in words; empty where none is on
 */
record TreeView(String say, String pinch, String wire, List<Row> works) {

  /**
   * A work.
   *
   * @param id as it is posted
   * @param name in words
   * @param when in words
   * @param now whether it may be done now
   */
  record Row(String id, String name, String when, boolean now) {}
}
