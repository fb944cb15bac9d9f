package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * What a means can do to people, animals and water, after the classes that labels print: each asks
 * for a first aid and a way of keeping of its own.
 */
public enum Hazard {
  @JsonProperty("flammable")
  FLAMMABLE,
  @JsonProperty("swallowed")
  SWALLOWED,
  /** It gets into the lungs when it is swallowed: oils and solvents. */
  @JsonProperty("aspiration")
  ASPIRATION,
  /** It burns or irritates eyes and skin. */
  @JsonProperty("eyes")
  EYES,
  @JsonProperty("breathing")
  BREATHING,
  /** Skin or lungs may come to react to it. */
  @JsonProperty("allergy")
  ALLERGY,
  /** It may harm an unborn child. */
  @JsonProperty("unborn")
  UNBORN,
  /** It is toxic to what lives in water. */
  @JsonProperty("water")
  WATER,
  @JsonProperty("cats")
  CATS,
  @JsonProperty("pets")
  PETS,
  /** It is alive. */
  @JsonProperty("living")
  LIVING
}
