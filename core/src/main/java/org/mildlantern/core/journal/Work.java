package org.mildlantern.core.journal;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Kinds of work on plants; pictures, labels and minutes follow from it. */
public enum Work {
  POT("drop"),
  LOOK("lens"),
  TREAT("flag"),
  FEED("hexagon"),
  MOVE("arrow"),
  CUT("blade"),
  COLD("flake");

  private final String shape;

  Work(String shape) {
    this.shape = shape;
  }

  /** The sprite shape that stands for it. */
  public String shape() {
    return shape;
  }

  /** The work of an id, if there is one. */
  public static Optional<Work> of(String id) {
    return Arrays.stream(values()).filter(work -> work.id().equals(id)).findFirst();
  }

  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
