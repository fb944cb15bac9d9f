package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.journal.LastMove;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.light.Hardening;
import org.mildlantern.core.light.YearLight;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts the steps on the round by which a plant that was moved to more light gets used to it. */
@Component
@Order(2)
class HardeningOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(HardeningOnTheRound.class);
  private static final int LONGEST_DAYS = 24;

  private final LightBook book;
  private final JournalService journal;
  private final Knowledge knowledge;

  HardeningOnTheRound(LightBook book, JournalService journal, Knowledge knowledge) {
    this.book = book;
    this.journal = journal;
    this.knowledge = knowledge;
  }

  @Override
  public List<Due> due(Ground ground) {
    LightYears years = book.years();
    if (years.places().isEmpty()) {
      return List.of();
    }
    List<Due> due = new ArrayList<>();
    for (LastMove move : journal.lastMovesSince(ground.today().minusDays(LONGEST_DAYS))) {
      ground
          .plant(move.plantId())
          .filter(plant -> plant.place().id().equals(move.to()))
          .ifPresent(plant -> due.addAll(steps(plant, move, years, ground.today())));
    }
    return due;
  }

  private List<Due> steps(PlantView plant, LastMove move, LightYears years, LocalDate today) {
    Optional<YearLight> before = move.from().map(years.places()::get);
    Optional<YearLight> after = years.of(plant);
    if (before.isEmpty() || after.isEmpty()) {
      return List.of();
    }
    List<Hardening.Step> steps =
        Hardening.after(
            before.get().at(today),
            after.get().at(today),
            knowledge.lightWish(plant.kind()).orElse(null),
            move.day());
    List<Due> due = new ArrayList<>();
    for (int i = 0; i < steps.size() - 1; i++) {
      LocalDate until = steps.get(i + 1).from();
      if (until.isAfter(today)) {
        due.add(due(plant, steps.get(i), today));
      }
    }
    return due;
  }

  private static Due due(PlantView plant, Hardening.Step step, LocalDate today) {
    return Due.on(
        step.from().isBefore(today) ? today : step.from(),
        RoundItem.due(
                "harden-" + plant.id() + "-" + step.from(),
                Work.MOVE,
                plant,
                WORDS.say("harden"),
                WORDS.say("harden-why", step.share() * 100, plant.place().name()))
            .leadingTo("/places/" + plant.place().id() + "/light", WORDS.say("its-light")));
  }
}
