package org.mildlantern.app.light;

import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.light.SpotLight;

/**
 * The light at a plant.
 *
 * @param nights what lamps do to a plant that tells the season by the night; or empty
 * @param burnt on which day it was burnt, if it was; or empty
 */
public record LightAtPlant(
    PlaceView place,
    SpotLight light,
    String words,
    LightView.Standing standing,
    String nights,
    String burnt) {}
