package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How a kind likes to be watered. */
public enum Watering {
  @JsonProperty("evenly-moist")
  EVENLY_MOIST("evenly moist"),
  @JsonProperty("dry-between")
  DRY_BETWEEN("dry between"),
  @JsonProperty("dry-fully")
  DRY_FULLY("dry fully"),
  @JsonProperty("wet-feet")
  WET_FEET("wet feet"),
  @JsonProperty("cup")
  CUP("cup"),
  @JsonProperty("soak")
  SOAK("soak"),
  @JsonProperty("afloat")
  AFLOAT("afloat in water");

  private final String label;

  Watering(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
