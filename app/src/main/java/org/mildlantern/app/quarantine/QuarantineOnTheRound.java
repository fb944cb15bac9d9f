package org.mildlantern.app.quarantine;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts the daily look at each plant in quarantine on the round. */
@Component
@Order(6)
class QuarantineOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(QuarantineOnTheRound.class);

  private final QuarantineService quarantines;
  private final Scope scope;

  QuarantineOnTheRound(QuarantineService quarantines, Scope scope) {
    this.quarantines = quarantines;
    this.scope = scope;
  }

  @Override
  public List<Due> due(Ground ground) {
    LocalDate today = scope.today();
    return quarantines.all(ground.kept()).stream()
        .map(
            q ->
                due(
                    q,
                    ground.plant(q.plantId()).orElseThrow(),
                    q.lookedToday() ? today.plusDays(1) : today))
        .toList();
  }

  @Override
  public List<Due> ahead(Ground ground) {
    return quarantines.all(ground.kept()).stream()
        .map(q -> ends(q, ground.plant(q.plantId()).orElseThrow()))
        .toList();
  }

  private Due ends(QuarantineView quarantine, PlantView plant) {
    return Due.on(
        scope.today().plusDays(quarantine.remaining().daysLeft()),
        RoundItem.due(
            "quarantine-end-" + plant.id(),
            Work.LOOK,
            plant,
            WORDS.say("ends"),
            WORDS.say("ends-if", quarantine.apart().why())));
  }

  private static Due due(QuarantineView quarantine, PlantView plant, LocalDate day) {
    String left = WORDS.say("days-left", quarantine.remaining().daysLeft());
    return Due.on(
        day,
        RoundItem.due(
                "quarantine-" + plant.id(),
                Work.LOOK,
                plant,
                quarantine.apart().pest() == null
                    ? "look it over"
                    : WORDS.say("look-for", quarantine.apart().pest().toLowerCase()),
                left)
            .answered(LookAnswers.of(plant.id(), null))
            .leadingTo("/plants/" + plant.id(), "Open"));
  }
}
