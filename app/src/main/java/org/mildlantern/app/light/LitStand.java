package org.mildlantern.app.light;

import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.light.YearLight;

/**
 * A stand of which the light is known.
 *
 * @param spot null for the usual stand of its place
 * @param name of the stand, or null for the usual one
 * @param holds plants that find room, or null
 * @param felt what warms, cools or blows there
 */
public record LitStand(
    PlaceView place, Long spot, String name, Integer holds, YearLight year, Felt felt) {}
