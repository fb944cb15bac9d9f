package org.mildlantern.core.raising;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Locale;

/** How a new plant is raised. */
public enum RaisingWay {
  @JsonProperty("offset")
  OFFSET,
  @JsonProperty("keiki")
  KEIKI,
  @JsonProperty("division")
  DIVISION,
  @JsonProperty("back-bulb")
  BACK_BULB,
  @JsonProperty("cutting")
  CUTTING,
  @JsonProperty("leaf")
  LEAF,
  @JsonProperty("root")
  ROOT,
  @JsonProperty("air-layer")
  AIR_LAYER,
  @JsonProperty("seed")
  SEED,
  @JsonProperty("flask")
  FLASK,
  @JsonProperty("spores")
  SPORES,
  @JsonProperty("buds")
  BUDS,
  @JsonProperty("plug")
  PLUG,
  @JsonProperty("graft")
  GRAFT;

  /** As it is written in knowledge files, such as {@code back-bulb}. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** Whether what comes of it is the same plant as its parent. */
  public boolean sameAsParent() {
    return this != SEED && this != FLASK && this != SPORES;
  }
}
