package org.mildlantern.app.diagnose;

import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts spots on the round that a second measure would tell more of. */
@Component
@Order(7)
class SpotsOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(SpotsOnTheRound.class);

  private final SpotService spots;

  SpotsOnTheRound(SpotService spots) {
    this.spots = spots;
  }

  @Override
  public List<Due> due(Ground ground) {
    return spots.waiting().stream()
        .flatMap(
            spot -> ground.plant(spot.plantId()).map(plant -> due(plant, spot, ground)).stream())
        .toList();
  }

  private static Due due(PlantView plant, SpotService.Waiting spot, Ground ground) {
    return Due.on(
        spot.on(),
        RoundItem.due(
                "spot-" + spot.id(),
                Work.LOOK,
                plant,
                "measure the spot again",
                WORDS.say("spot-asked", spot.name(), Days.ago(spot.last(), ground.today())))
            .leadingTo("/plants/" + plant.id() + "/spots", "Measure"));
  }
}
