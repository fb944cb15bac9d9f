package org.mildlantern.app.repot;

import java.util.List;
import org.mildlantern.app.plants.PlantView;

/**
 * A day of repotting.
 *
 * @param steps in the order of the work: clean plants first
 * @param mixes what is mixed
 * @param pots how many of which width
 * @param hours in words
 */
record Weekend(List<Step> steps, List<Mix> mixes, List<String> pots, String hours) {

  /**
   * A plant.
   *
   * @param pot into what
   * @param medium in words
   * @param minutes for it
   * @param care what it is spared after that, in words
   * @param warning what speaks against it that day, or empty
   */
  record Step(
      PlantView plant, String pot, String medium, long minutes, String care, String warning) {}

  /**
   * A medium.
   *
   * @param litres of it for all pots
   * @param parts what goes in, before it is mixed
   * @param prepare what is done before
   * @param holds its air and water, in words
   */
  record Mix(String name, double litres, List<String> parts, List<String> prepare, String holds) {}
}
