package org.mildlantern.app.repot;

import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.repot.RepotDecision;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts plants on the round that are to be repotted now; what can wait may be put off for weeks. */
@Component
@Order(12)
class RepotsOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(RepotsOnTheRound.class);

  private static final int WAITS = 28;

  private final RepotService repotting;

  RepotsOnTheRound(RepotService repotting) {
    this.repotting = repotting;
  }

  @Override
  public List<Due> due(Ground ground) {
    return repotting.all().values().stream()
        .filter(Decided::isDue)
        .map(decided -> due(decided, ground))
        .toList();
  }

  private static Due due(Decided decided, Ground ground) {
    PlantView plant = decided.plant();
    boolean dies = decided.decision().answer() == RepotDecision.Answer.AT_ONCE;
    String reasons =
        String.join(", ", decided.decision().reasons().stream().map(RepotWords::reason).toList());
    return Due.on(
            ground.today(),
            RoundItem.due(
                    "repot-" + plant.id(),
                    Work.CUT,
                    plant,
                    RepotWords.verdict(decided),
                    WORDS.say("because", reasons, 100 * decided.decision().odds()))
                .answered(
                    List.of(
                        new RoundItem.Answer(
                            WORDS.say("repotted"),
                            "/repotting/done",
                            "plants",
                            plant.id().toString())))
                .leadingTo(
                    dies ? "/plants/" + plant.id() + "/repotting" : "/repotting",
                    WORDS.say(dies ? "how" : "plan-it")))
        .asking(dies ? Ask.MUCH : Ask.SOME)
        .until(dies ? null : ground.today().plusDays(WAITS));
  }
}
