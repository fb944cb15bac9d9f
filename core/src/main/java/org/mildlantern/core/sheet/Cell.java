package org.mildlantern.core.sheet;

import java.util.List;
import java.util.function.Supplier;

/**
 * A cell with what was made of it.
 *
 * <p>What it may be meant for is worked out when it is asked for: a long list has many cells, and a
 * page shows few.
 *
 * @param text as it stands
 * @param read what it is taken as, in words; empty where that is what it says
 * @param problem why it will not do, or null
 * @param offers gives what it may be meant for
 */
public record Cell(String text, String read, String problem, Supplier<List<Choice>> offers) {
  private static final Supplier<List<Choice>> NOTHING = List::of;

  /**
   * A text that may stand in the cell instead.
   *
   * @param text that would stand there
   * @param label how it is shown
   */
  public record Choice(String text, String label) {
    static Choice of(String text) {
      return new Choice(text, text);
    }
  }

  static Cell good(String text) {
    return new Cell(text, "", null, NOTHING);
  }

  static Cell taken(String text, String read) {
    return new Cell(text, read, null, NOTHING);
  }

  static Cell bad(String text, String problem, Supplier<List<Choice>> offers) {
    return new Cell(text, "", problem, offers);
  }

  static Cell bad(String text, String problem) {
    return bad(text, problem, NOTHING);
  }

  Cell offering(Supplier<List<Choice>> more) {
    return new Cell(text, read, problem, more);
  }

  /** What it may be meant for. */
  public List<Choice> choices() {
    return offers.get();
  }

  public boolean good() {
    return problem == null;
  }
}
