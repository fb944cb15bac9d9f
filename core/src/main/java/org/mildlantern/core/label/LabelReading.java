package org.mildlantern.core.label;

import java.util.List;

/** What comes of reading a label. */
public sealed interface LabelReading {
  /** What it says, or could say; none when it was refused. */
  List<LabelRate> rates();

  /** It says one thing. */
  record Read(LabelRate rate) implements LabelReading {
    @Override
    public List<LabelRate> rates() {
      return List.of(rate);
    }
  }

  /** It could say any of these, which differ. */
  record Ambiguous(List<LabelRate> rates) implements LabelReading {}

  /**
   * It gives nothing that could be measured.
   *
   * @param why for the keeper
   */
  record Refused(String why) implements LabelReading {
    @Override
    public List<LabelRate> rates() {
      return List.of();
    }
  }
}
