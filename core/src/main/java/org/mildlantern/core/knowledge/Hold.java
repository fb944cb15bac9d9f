package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What not to do while one change is given its time. */
public enum Hold {
  @JsonProperty("feed")
  FEED("no feed"),
  @JsonProperty("repot")
  REPOT("no repot"),
  @JsonProperty("sun")
  SUN("no strong sun"),
  @JsonProperty("spray")
  SPRAY("no spray"),
  @JsonProperty("move")
  MOVE("no move"),
  @JsonProperty("wet-leaves")
  WET_LEAVES("no water on the leaves"),
  @JsonProperty("prune")
  PRUNE("no pruning");

  private final String label;

  Hold(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
