package org.mildlantern.core.journal;

import java.util.Locale;

/** Kinds of entry on a plant's timeline, with the sprite shape that stands for each. */
public enum EntryKind {
  LOOK("lens", "Looked"),
  WATER("drop", "Watered"),
  FEED("hexagon", "Fed"),
  MOVE("arrow", "Moved"),
  REPOT("blade", "Repotted"),
  MOISTURE("lens", "Felt the medium"),
  STOOD("drop", "Stood in water"),
  FLUSH("drop", "Flushed"),
  LOSS("lens", "Lost leaves"),
  TREAT("flag", "Treated"),
  CASE("flag", "Case"),
  NOTE("note", "Note"),
  RETRACTION("note", "Taken back");

  private final String shape;
  private final String label;

  EntryKind(String shape, String label) {
    this.shape = shape;
    this.label = label;
  }

  public String shape() {
    return shape;
  }

  public String label() {
    return label;
  }

  /** Whether this changes the plant's care, so that it can confound a change under test. */
  public boolean changesCare() {
    return this == FEED || this == MOVE || this == REPOT;
  }

  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
