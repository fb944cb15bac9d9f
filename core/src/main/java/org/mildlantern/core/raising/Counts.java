package org.mildlantern.core.raising;

import java.util.Optional;
import org.mildlantern.core.words.Words;

/**
 * A batch, counted: what was taken, has rooted, was potted, was lost. Each counts from the
 * beginning.
 */
public record Counts(int taken, int rooted, int potted, int lost) {
  private static final Words WORDS = Words.of(Counts.class);

  public static final int MOST = 100_000;

  /** A step at which pieces are counted. */
  public enum Step {
    TAKEN,
    ROOTED,
    POTTED,
    LOST
  }

  public static final Counts NONE = new Counts(0, 0, 0, 0);

  /** The same with more at a step. */
  public Counts plus(Step step, int number) {
    return switch (step) {
      case TAKEN -> new Counts(taken + number, rooted, potted, lost);
      case ROOTED -> new Counts(taken, rooted + number, potted, lost);
      case POTTED -> new Counts(taken, rooted, potted + number, lost);
      case LOST -> new Counts(taken, rooted, potted, lost + number);
    };
  }

  /** What cannot be, in words for the keeper; empty when all is well. */
  public Optional<String> fault() {
    if (taken < 0 || rooted < 0 || potted < 0 || lost < 0) {
      return Optional.of(WORDS.say("negative"));
    }
    if (taken > MOST) {
      return Optional.of(WORDS.say("many", MOST));
    }
    if (rooted > taken) {
      return Optional.of(WORDS.say("rooted", rooted, taken));
    }
    if (potted > rooted) {
      return Optional.of(WORDS.say("potted", potted, rooted));
    }
    return lost + potted > taken
        ? Optional.of(WORDS.say("lost", lost, potted, taken))
        : Optional.empty();
  }

  /** Pieces that still wait for their roots. */
  public int waiting() {
    return Math.max(0, taken - rooted - lost);
  }

  /** Pieces that live. */
  public int living() {
    return taken - lost;
  }

  /** Pieces that have rooted and live. */
  public int grown() {
    return Math.min(rooted, living());
  }

  /** Pieces that have rooted and stand together. */
  public int toPot() {
    return Math.max(0, grown() - potted);
  }

  public boolean over() {
    return waiting() == 0 && toPot() == 0;
  }
}
