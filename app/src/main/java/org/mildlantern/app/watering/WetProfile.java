package org.mildlantern.app.watering;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.water.Holding;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.words.Words;

/**
 * How wet a pot is by depth when it has just drained, ready to be drawn: a band for each slice.
 *
 * @param probe where to probe, in words
 */
public record WetProfile(List<Band> bands, String probe) {
  private static final Words WORDS = Words.of(WetProfile.class);

  private static final double HEIGHT = 70;

  /** A slice: where it lies, and how much of it is water, 0 to 1. */
  public record Band(double y, double height, double wet) {}

  static WetProfile of(Holding holding, PotShape pot) {
    List<Band> bands = new ArrayList<>();
    double[] slices = holding.wetByDepth();
    for (int i = 0; i < slices.length; i++) {
      bands.add(new Band(HEIGHT * i / slices.length, HEIGHT / slices.length, slices[i]));
    }
    long depth = Math.round(pot.depthCm() * 2 / 3);
    return new WetProfile(bands, WORDS.say("probe", depth));
  }
}
