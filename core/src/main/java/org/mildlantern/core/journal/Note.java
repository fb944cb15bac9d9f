package org.mildlantern.core.journal;

import java.util.List;
import java.util.Optional;

/**
 * What an entry of the day book says; each kind is a record with its own figures and their units.
 *
 * <p>{@code Watered[ml=240.0, runOff=NOT_SAID]} is a drink of 240 ml. A figure that was not said is
 * null; it is unknown, never a default. A new kind is a record here, a line in {@link NoteKind},
 * and, when it tells of a pot's water, a branch where the pot's story is told.
 */
public sealed interface Note
    permits CaseActed,
        Fed,
        Felt,
        Filled,
        Flushed,
        Grew,
        Levelled,
        Lifted,
        Looked,
        LostLeaves,
        Metered,
        Misted,
        Moved,
        Readings,
        Recorded,
        Remark,
        Repotted,
        SaltsRead,
        Skipped,
        Sprayed,
        Staged,
        StoodInWater,
        Strewn,
        TakenBack,
        Treated,
        Watered,
        Weighed,
        Wilted,
        Worked {

  NoteKind kind();

  /** The work that was done; empty for what is no work. */
  default Optional<Work> work() {
    return kind().work();
  }

  /** The sprite shape that stands for it. */
  default String shape() {
    return work().map(Work::shape).orElse("note");
  }

  /** What it holds, read back in words: “240 ml”, “60 ppm”. */
  default List<String> figures() {
    return List.of();
  }

  /** Its wording when nobody worded it. */
  default String words() {
    String figures = String.join(", ", figures());
    return figures.isEmpty()
        ? kind().label()
        : NoteKind.WORDS.say("with-figures", kind().label(), figures);
  }
}
