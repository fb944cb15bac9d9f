package org.mildlantern.core.knowledge;

/** Kinds for tests. */
public final class Kinds {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();

  private Kinds() {}

  public static Kind taxon(String id) {
    return KNOWLEDGE.kind(KNOWLEDGE.taxa().find(id).orElseThrow());
  }

  /** A plant of which only the growth form is known. */
  public static Kind form(String id) {
    return KNOWLEDGE.kind(KNOWLEDGE.forms().find(id).orElseThrow());
  }
}
