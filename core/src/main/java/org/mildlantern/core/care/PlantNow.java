package org.mildlantern.core.care;

import java.time.LocalDate;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.season.Stage;

/**
 * A plant as it lives now, for which advice is asked.
 *
 * @param stage as it was noted
 */
public record PlantNow(Kind kind, Stage stage, Knowledge knowledge) {
  /** What is known for it as it lives on the day. */
  public Lore lore(LocalDate day, double latitude) {
    return knowledge.lore(kind, stage, day, latitude);
  }

  public boolean resting(LocalDate day, double latitude) {
    return kind.resting(stage, day, latitude);
  }

  /** Whether it has buds or flowers that a repotting would cost it. */
  boolean inBloom() {
    return stage != null && stage.blooms();
  }

  /** Whether it answers slowly: at rest, or in the winter of a kind that has no rest. */
  boolean slow(LocalDate day, double latitude) {
    return resting(day, latitude)
        || !kind.habits().rest().any() && Season.of(day, latitude) == Season.WINTER;
  }
}
