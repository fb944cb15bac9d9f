package org.mildlantern.app.feed;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.feed.Can;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Puts pots on the round whose salts harm their plants, or soon will, with what flushes them. Of
 * very many pots those whose water is saltiest for their kind are worked out first, some at each
 * round.
 */
@Component
@Order(10)
class SaltsOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(SaltsOnTheRound.class);

  private static final int AHEAD_DAYS = 14;

  /** A flush may be put off by so much. */
  private static final int WAITS = 10;

  private final PotSaltService salts;

  private final Flushing flushing;

  SaltsOnTheRound(PotSaltService salts, Flushing flushing) {
    this.salts = salts;
    this.flushing = flushing;
  }

  @Override
  public List<Due> due(Ground ground) {
    Map<Long, CaseView> open = flushing.open();
    List<PlantView> candidates =
        ground.kept().stream()
            .filter(plant -> flushing.may(plant, open) == Flushing.May.YES)
            .toList();
    if (candidates.isEmpty()) {
      return List.of();
    }
    Can.AtHand purest = salts.purest();
    Map<Long, SaltStory> stories = salts.ofMany(candidates);
    return candidates.stream()
        .filter(plant -> stories.containsKey(plant.id()))
        .flatMap(plant -> due(plant, stories.get(plant.id()), purest, ground.today()).stream())
        .toList();
  }

  private static Optional<Due> due(
      PlantView plant, SaltStory story, Can.AtHand purest, LocalDate today) {
    OptionalDouble days = story.days();
    Optional<PotSaltService.Flush> flush = PotSaltService.flush(story, purest);
    if (days.isEmpty() || days.getAsDouble() > AHEAD_DAYS || flush.isEmpty()) {
      return Optional.empty();
    }
    LocalDate on = today.plusDays(Math.round(days.getAsDouble()));
    double litres = flush.get().litres();
    RoundItem item =
        RoundItem.due(
                "salts-" + plant.id(),
                Work.POT,
                plant,
                WORDS.say("round-flush", litres, flush.get().water()),
                WORDS.say("round-salts", story.pot().ecFull(), story.limit()))
            .answered(
                List.of(
                    new RoundItem.Answer(
                        WORDS.say("flushed"),
                        "/plants/" + plant.id() + "/feed/flushed",
                        "ml",
                        String.valueOf(Math.round(litres * 1000)))))
            .leadingTo("/plants/" + plant.id() + "/feed", WORDS.say("its-salts"));
    return Optional.of(Due.on(on, item).until(on.plusDays(WAITS)));
  }
}
