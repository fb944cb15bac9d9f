package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Moved;
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
  private final Scope scope;

  HardeningOnTheRound(LightBook book, JournalService journal, Knowledge knowledge, Scope scope) {
    this.book = book;
    this.journal = journal;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  @Override
  public List<Due> due(Ground ground) {
    LightYears years = book.years();
    if (years.places().isEmpty()) {
      return List.of();
    }
    List<Due> due = new ArrayList<>();
    Set<Long> told = new HashSet<>();
    for (Entry entry : journal.movesSince(ground.today().minusDays(LONGEST_DAYS))) {
      if (told.add(entry.plantId())) {
        ground
            .plant(entry.plantId())
            .ifPresent(plant -> due.addAll(steps(plant, entry, years, ground.today())));
      }
    }
    return due;
  }

  private List<Due> steps(PlantView plant, Entry entry, LightYears years, LocalDate today) {
    Optional<Moved> move = entry.as(Moved.class);
    Optional<YearLight> before = move.map(Moved::from).map(years.places()::get);
    Optional<YearLight> after = years.of(plant);
    if (before.isEmpty() || after.isEmpty() || !plant.place().id().equals(move.get().to())) {
      return List.of();
    }
    List<Hardening.Step> steps =
        Hardening.after(
            before.get().at(today),
            after.get().at(today),
            knowledge.lightWish(plant.kind()).orElse(null),
            scope.day(entry.at()));
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
