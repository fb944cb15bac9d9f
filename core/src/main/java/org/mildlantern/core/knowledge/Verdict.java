package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Locale;

/** What a cause asks of the keeper, mildest first. */
public enum Verdict {
  @JsonProperty("normal")
  NORMAL("normal"),
  /** Records alone speak for it, so a look comes before all else. No cause asks for it itself. */
  LOOK("look first"),
  @JsonProperty("watch")
  WATCH("watch"),
  @JsonProperty("act")
  ACT("act this week"),
  @JsonProperty("urgent")
  URGENT("urgent if so");

  private final String label;

  Verdict(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
