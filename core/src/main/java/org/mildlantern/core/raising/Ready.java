package org.mildlantern.core.raising;

import java.util.List;
import org.mildlantern.core.knowledge.Way;
import org.mildlantern.core.words.Words;

/**
 * Whether a piece may be taken off. Rules of thumb.
 *
 * @param percent how far it is, 0 to 100
 * @param words why, for the keeper
 */
public record Ready(State state, long percent, String words) {
  private static final Words WORDS = Words.of(Ready.class);

  private static final double HALF = 0.5;
  private static final double THIRD = 0.33;
  private static final int KEIKI_ROOTS = 3;
  private static final double KEIKI_CM = 4;
  private static final int LEADS = 3;
  private static final List<String> JUICY = List.of("dry-store", "forest-cactus", "storage");

  /** How far it is. */
  public enum State {
    WAIT,
    /** It can be done, and is less sure. */
    RISKY,
    READY
  }

  /**
   * An offset beside its mother.
   *
   * @param offset size, with that of the mother in the same unit, above 0
   * @param rooted whether it has roots of its own
   */
  public static Ready offset(double offset, double mother, boolean rooted) {
    check(offset > 0 && mother > 0, "sizes are above 0");
    double share = offset / mother;
    double needed = rooted ? THIRD : HALF;
    State state = share >= needed ? State.READY : share >= needed * 0.75 ? State.RISKY : State.WAIT;
    return new Ready(
        state,
        Math.round(Math.min(1, share / needed) * 100),
        WORDS.say("offset", 100 * share, 100 * needed, state.name()));
  }

  /**
   * A plantlet.
   *
   * @param roots how many it has
   * @param cm length of the longest ones
   */
  public static Ready keiki(int roots, double cm) {
    check(roots >= 0 && cm >= 0, "roots are 0 or more");
    boolean ready = roots >= KEIKI_ROOTS && cm >= KEIKI_CM;
    boolean nearly = roots >= KEIKI_ROOTS - 1 && cm >= KEIKI_CM * 0.75;
    State state = ready ? State.READY : nearly ? State.RISKY : State.WAIT;
    double far = Math.min(Math.min(1, roots / (double) KEIKI_ROOTS), Math.min(1, cm / KEIKI_CM));
    return new Ready(
        state,
        Math.round(100 * far),
        WORDS.say("keiki", roots, cm, KEIKI_ROOTS, KEIKI_CM, state.name()));
  }

  /**
   * A clump.
   *
   * @param growths bulbs or fans, back ones too
   * @param leads that will grow
   */
  public static Ready division(int growths, int leads) {
    check(growths >= 0 && leads >= 0, "growths are 0 or more");
    int pieces = Math.min(growths / LEADS, leads);
    State state = pieces >= 2 ? State.READY : growths >= 5 && leads >= 2 ? State.RISKY : State.WAIT;
    return new Ready(
        state,
        Math.round(100 * Math.min(1, growths / (2.0 * LEADS))),
        WORDS.say("division", pieces, LEADS, state.name()));
  }

  /**
   * Days for which a cut dries before it is stuck.
   *
   * @param mm thickness of the cut, above 0
   * @param way only what stores water dries; others are stuck at once
   */
  public static int callusDays(double mm, Way way) {
    check(mm > 0 && mm <= 500, "a cut is above 0 to 500 mm thick");
    return way.isOneOf(JUICY) ? (int) Math.round(Math.min(21, 2 + 0.4 * mm)) : 0;
  }

  private static void check(boolean holds, String message) {
    if (!holds) {
      throw new IllegalArgumentException(message);
    }
  }
}
