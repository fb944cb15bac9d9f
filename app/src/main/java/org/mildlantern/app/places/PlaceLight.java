package org.mildlantern.app.places;

import org.mildlantern.core.season.LightClass;

/** How light a place is, as the keeper sees it. */
public enum PlaceLight {
  LOW("low: no direct sun, far from the glass", LightClass.LOW),
  MEDIUM("medium: near a window without direct sun", LightClass.MEDIUM),
  BRIGHT("bright: some direct sun early or late", LightClass.BRIGHT),
  SUN("sun: hours of direct sun", LightClass.SUN);

  private final String label;
  private final LightClass lightClass;

  PlaceLight(String label, LightClass lightClass) {
    this.label = label;
    this.lightClass = lightClass;
  }

  public String label() {
    return label;
  }

  public LightClass lightClass() {
    return lightClass;
  }
}
