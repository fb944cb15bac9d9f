package org.mildlantern.core.journal;

/**
 * A look at the plant.
 *
 * @param lookId of a look with findings, or null
 */
public record Looked(What what, Long lookId) implements Note {
  static final Grammar GRAMMAR =
      Grammar.of(
          "looked|look(?=\\s*$|\\s*[,:])",
          "looked, nothing new",
          (line, setting) -> new Looked(What.OVER, null));

  /** What was looked for. */
  public enum What {
    /** Over the plant, in passing. */
    OVER,
    /** With findings on its figure. */
    FINDINGS,
    /** To read a test that took days. */
    TEST,
    /** At a patch that was treated to see whether the leaf bears it. */
    PATCH,
    /** For a pest or disease, with a count. */
    PEST,
    /** At the edge of a rot. */
    ROT
  }

  @Override
  public NoteKind kind() {
    return NoteKind.LOOKED;
  }
}
