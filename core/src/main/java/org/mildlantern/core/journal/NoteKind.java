package org.mildlantern.core.journal;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.words.Words;

/**
 * The kinds of notes: what each is called, what work it is, whether it tells of a pot's water and
 * changes the plant's care, and how it is written on one line. Lines are tried in this order.
 */
public enum NoteKind {
  WATERED(Watered.class, "Watered", Work.POT, true, false, Watered.GRAMMAR),
  FILLED(Filled.class, "Filled", Work.POT, true, false, Filled.GRAMMAR),
  MISTED(Misted.class, "Misted", Work.POT, false, false, Misted.GRAMMAR),
  FLUSHED(Flushed.class, "Flushed", Work.POT, false, false, Flushed.GRAMMAR),
  FED(Fed.class, "Fed", Work.FEED, false, true, Fed.GRAMMAR),
  WEIGHED(Weighed.class, "Weighed", Work.POT, true, false, Weighed.GRAMMAR),
  METERED(Metered.class, "Meter", Work.POT, true, false, Metered.GRAMMAR),
  LIFTED(Lifted.class, "Lifted", Work.POT, true, false, Lifted.GRAMMAR),
  FELT(Felt.class, "Felt", Work.POT, true, false, Felt.GRAMMAR),
  LEVELLED(Levelled.class, "Level", Work.POT, true, false, Levelled.GRAMMAR),
  WILTED(Wilted.class, "Wilted", Work.POT, true, false, Wilted.GRAMMAR),
  SKIPPED(Skipped.class, "Not looked at", Work.POT, true, false, Skipped.GRAMMAR),
  STOOD(StoodInWater.class, "Stood in water", Work.POT, true, false, StoodInWater.GRAMMAR),
  MOVED(Moved.class, "Moved", Work.MOVE, false, true, Moved.GRAMMAR),
  REPOTTED(Repotted.class, "Repotted", Work.CUT, true, true, Repotted.GRAMMAR),
  WORKED(Worked.class, "Worked", Work.CUT, false, true, Worked.GRAMMAR),
  SPRAYED(Sprayed.class, "Sprayed", Work.TREAT, false, true, Sprayed.GRAMMAR),
  LOST(LostLeaves.class, "Lost leaves", Work.LOOK, false, false, LostLeaves.GRAMMAR),
  SALTS(SaltsRead.class, "Salts", Work.LOOK, false, false, SaltsRead.GRAMMAR),
  GREW(Grew.class, "Grew", Work.LOOK, false, false, Grew.GRAMMAR),
  STAGE(Staged.class, "Stage", Work.LOOK, false, false, Staged.GRAMMAR),
  STREWN(Strewn.class, "Strewn", Work.FEED, false, true, Strewn.GRAMMAR),
  READ(Readings.class, "Read", Work.LOOK, false, false, Readings.GRAMMAR),
  LOOKED(Looked.class, "Looked", Work.LOOK, false, false, Looked.GRAMMAR),
  TREATED(Treated.class, "Treated", Work.TREAT),
  CASE(CaseActed.class, "Case", Work.TREAT),
  RECORDED(Recorded.class, "Recorded", null),
  REMARK(Remark.class, "Note", null),
  TAKEN_BACK(TakenBack.class, "Taken back", null);

  static final Words WORDS = Words.of(NoteKind.class);

  private final Class<? extends Note> type;
  private final String label;
  private final Work work;
  private final boolean ofPot;
  private final boolean changesCare;
  private final Grammar grammar;

  NoteKind(
      Class<? extends Note> type,
      String label,
      Work work,
      boolean ofPot,
      boolean changesCare,
      Grammar grammar) {
    this.type = type;
    this.label = label;
    this.work = work;
    this.ofPot = ofPot;
    this.changesCare = changesCare;
    this.grammar = grammar;
  }

  NoteKind(Class<? extends Note> type, String label, Work work) {
    this(type, label, work, false, false, null);
  }

  public Class<? extends Note> type() {
    return type;
  }

  public String label() {
    return label;
  }

  /** Empty for what is no work, such as a remark. */
  public Optional<Work> work() {
    return Optional.ofNullable(work);
  }

  /** Whether it tells of a pot's water. */
  public boolean ofPot() {
    return ofPot;
  }

  /** Whether this changes the plant's care, so that it can confound a change under test. */
  public boolean changesCare() {
    return changesCare;
  }

  /** Whether a keeper writes it as a line; the others are kept by features. */
  public boolean typed() {
    return grammar != null || this == REMARK;
  }

  Optional<Grammar> grammar() {
    return Optional.ofNullable(grammar);
  }

  /** The kinds that tell of a pot's water. */
  public static Set<NoteKind> aboutPots() {
    return Arrays.stream(values()).filter(NoteKind::ofPot).collect(Collectors.toUnmodifiableSet());
  }

  /** The kinds that are some work. */
  public static Set<NoteKind> of(Work work) {
    return Arrays.stream(values())
        .filter(kind -> kind.work == work)
        .collect(Collectors.toUnmodifiableSet());
  }

  /** Examples of lines that are understood. */
  public static List<String> hints() {
    return Arrays.stream(values())
        .flatMap(kind -> kind.grammar().stream())
        .flatMap(grammar -> Arrays.stream(grammar.hint().split("\\|")))
        .toList();
  }
}
