package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How well a means kills those of a stage that it hits. The numbers are rules of thumb. */
public enum Efficacy {
  @JsonProperty("none")
  NONE(0),
  @JsonProperty("poor")
  POOR(0.2),
  @JsonProperty("fair")
  FAIR(0.5),
  @JsonProperty("good")
  GOOD(0.8),
  @JsonProperty("strong")
  STRONG(0.95);

  private final double share;

  Efficacy(double share) {
    this.share = share;
  }

  public double share() {
    return share;
  }
}
