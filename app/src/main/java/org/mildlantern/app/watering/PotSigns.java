package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.Optional;
import org.mildlantern.core.water.PaceChange;
import org.mildlantern.core.water.WaterStory;
import org.mildlantern.core.water.Wetness;

/**
 * What a pot's water tells of the plant.
 *
 * @param wetness how it stands and has stood; empty when too little was noted
 * @param change of its pace against five weeks ago, or null
 * @param told entries that this comes from
 */
public record PotSigns(Optional<Wetness> wetness, PaceChange change, int told) {
  static PotSigns of(WaterStory story, LocalDate today) {
    return new PotSigns(
        Wetness.of(story, today), PaceChange.of(story.now(), story.before()), story.told());
  }
}
