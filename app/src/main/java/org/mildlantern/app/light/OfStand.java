package org.mildlantern.app.light;

import org.mildlantern.core.light.SunYear;
import org.mildlantern.core.light.Trust;
import org.mildlantern.core.light.YearLight;

/**
 * What is known of a stand from the drawing of its place.
 *
 * @param light through this year
 * @param sun on days without a cloud
 * @param felt what warms, cools or blows there
 * @param trust how far the light is to be trusted
 * @param byWord whether nothing was drawn, and a usual window for the place’s word was taken
 */
public record OfStand(YearLight light, SunYear sun, Felt felt, Trust trust, boolean byWord) {}
