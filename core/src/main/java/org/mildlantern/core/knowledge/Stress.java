package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * What a way of looking costs the plant, expressed as the minutes of harmless looking that one
 * would rather spend. Rule of thumb.
 */
public enum Stress {
  @JsonProperty("none")
  NONE("no stress", 0),
  @JsonProperty("slight")
  SLIGHT("slight stress", 2),
  @JsonProperty("some")
  SOME("some stress", 10),
  @JsonProperty("hard")
  HARD("hard on the plant", 30);

  private final String label;
  private final double minutes;

  Stress(String label, double minutes) {
    this.label = label;
    this.minutes = minutes;
  }

  public String label() {
    return label;
  }

  /** Equivalent minutes. */
  public double minutes() {
    return minutes;
  }
}
