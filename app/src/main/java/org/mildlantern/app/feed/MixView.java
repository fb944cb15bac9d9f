package org.mildlantern.app.feed;

import java.util.List;
import org.mildlantern.core.working.Working;

/**
 * A mix of several feeds.
 *
 * @param products feeds to choose from
 * @param waters to choose from
 * @param mix null until it was asked for
 */
record MixView(List<FeedView.Product> products, List<Water> waters, Mix mix) {

  /** A water. */
  record Water(Long id, String name) {}

  /**
   * The nearest mix.
   *
   * @param parts of one can, in the order in which they go in
   * @param left feeds that would only lead away from the wish
   * @param gives each element beside its wish
   * @param fit how near it comes, in words
   * @param tanks of stock, in words; empty where none was asked for
   * @param clashes what cannot be kept together as stock, in words
   */
  record Mix(
      List<String> parts,
      List<String> left,
      List<Gives> gives,
      String fit,
      String ec,
      List<String> tanks,
      List<String> clashes,
      Working working) {}

  /** An element with what was wished of it, or empty. */
  record Gives(String element, String ppm, String wished) {}
}
