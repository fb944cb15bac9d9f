package org.mildlantern.app.repot;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
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
  public Map<Long, List<Mark>> marks(List<PlantView> plants) {
    return repotting.of(plants).values().stream()
        .filter(decided -> decided.on() != null)
        .collect(
            Collectors.toMap(decided -> decided.plant().id(), decided -> List.of(mark(decided))));
  }

  private static Mark mark(Decided decided) {
    return new Mark(decided.on(), WORDS.say("mark-repot"), RepotWords.line(decided));
  }
}
