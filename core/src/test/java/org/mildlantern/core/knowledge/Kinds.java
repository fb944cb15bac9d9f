package org.mildlantern.core.knowledge;

import org.mildlantern.core.season.Stage;

/** Kinds for tests. */
public final class Kinds {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();

  private Kinds() {}

  public static Kind taxon(String id) {
    return KNOWLEDGE.kind(KNOWLEDGE.taxa().find(id).orElseThrow());
  }

  /** How a kind lives at a stage; at rest when it was noted so. */
  public static Living living(Kind kind, Stage stage) {
    return KNOWLEDGE.lore(kind, stage, stage == Stage.REST).living();
  }

  public static Living living(Kind kind, boolean resting) {
    return living(kind, resting ? Stage.REST : Stage.GROWTH);
  }

  /** A plant of which only the growth form is known. */
  public static Kind form(String id) {
    return KNOWLEDGE.kind(KNOWLEDGE.forms().find(id).orElseThrow());
  }
}
