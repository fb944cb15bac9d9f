package org.mildlantern.app.repot;

import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.seasons.YearSource;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** When plants are repotted, on their year. */
@Component
class RepotMarks implements YearSource {
  private static final Words WORDS = Words.of(RepotMarks.class);

  private final RepotService repotting;

  RepotMarks(RepotService repotting) {
    this.repotting = repotting;
  }

  @Override
  public List<Mark> marks(PlantView plant) {
    return repotting
        .of(plant)
        .filter(decided -> decided.on() != null)
        .map(
            decided ->
                List.of(new Mark(decided.on(), WORDS.say("mark-repot"), RepotWords.line(decided))))
        .orElse(List.of());
  }
}
