package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Nursing;
import org.mildlantern.app.round.RoundChoices;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Watering;
import org.mildlantern.core.water.Standing;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts pots, and the water that they stand in, on the round on the day that their pace gives. */
@Component
@Order(9)
class PotsOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(PotsOnTheRound.class);

  private final PotChecks checks;
  private final RoundChoices choices;
  private final Repots repots;
  private final List<Nursing> nursing;
  private final Scope scope;

  PotsOnTheRound(
      PotChecks checks, RoundChoices choices, Repots repots, List<Nursing> nursing, Scope scope) {
    this.nursing = nursing;
    this.repots = repots;
    this.scope = scope;
    this.checks = checks;
    this.choices = choices;
  }

  @Override
  public List<Due> due(Ground ground) {
    Map<Long, PotCheck> known = checks.of(ground.kept());
    Optional<Double> unseen = choices.unseen();
    Map<Long, Nursing.Until> nursed = Nursing.all(nursing);
    return ground.kept().stream()
        .filter(plant -> !isNursed(nursed.get(plant.id()), ground.today()))
        .map(
            plant -> {
              LocalDate heals = heals(plant);
              if (heals.isAfter(ground.today())) {
                return healing(plant, heals);
              }
              boolean dry = plant.restsDry(ground.today(), scope.latitude());
              PotCheck check = known.get(plant.id());
              return due(plant, check, dry, dry ? Optional.empty() : unseen, ground.today());
            })
        .toList();
  }

  /** Other rows say meanwhile how it drinks. */
  private static boolean isNursed(Nursing.Until until, LocalDate today) {
    return until != null && today.isBefore(until.drinks());
  }

  /** The first day on which it may be watered after it was repotted. */
  private LocalDate heals(PlantView plant) {
    return plant.mediumSince() == null
        ? LocalDate.MIN
        : repots
            .aftercare(plant.kind())
            .map(care -> plant.mediumSince().plusDays(care.dryDays()))
            .orElse(LocalDate.MIN);
  }

  private static Due healing(PlantView plant, LocalDate heals) {
    return Due.on(
        heals,
        RoundItem.due(
            "water-" + plant.id(),
            Work.POT,
            plant,
            WORDS.say("healed"),
            WORDS.say("healed-why", Days.near(plant.mediumSince()))));
  }

  private static Due due(
      PlantView plant, PotCheck check, boolean dry, Optional<Double> unseen, LocalDate today) {
    return new Due(
        plant,
        Work.POT,
        check.dueOn(),
        check.bears(),
        Ask.SOME,
        null,
        isToday -> item(plant, check, dry, unseen, today, isToday));
  }

  /**
   * The row of a pot.
   *
   * @param dry whether it rests without a drink
   * @param unseen the chance from which it is watered without a look; empty for never
   */
  private static RoundItem item(
      PlantView plant,
      PotCheck check,
      boolean dry,
      Optional<Double> unseen,
      LocalDate today,
      boolean isToday) {
    boolean sure =
        isToday
            && check.chance() != null
            && plant.pot().drains()
            && unseen.filter(odds -> check.chance() >= odds).isPresent();
    PotAnswer.On row = row(plant, check);
    RoundItem item =
        RoundItem.due(
                "water-" + plant.id(),
                Work.POT,
                plant,
                dry
                    ? WORDS.say("rests-dry")
                    : sure ? "water it" : WORDS.say("look-at", row.name(), at(plant, check)),
                dry ? WORDS.say("rests-dry-why") : reason(check, sure, today))
            .worked(check.working())
            .onPaper(
                dry || check.drinkMl() == null ? null : WORDS.say("full-drink", check.drinkMl()));
    return isToday ? item.answered(answers(plant, check, row)) : item;
  }

  private static String reason(PotCheck check, boolean sure, LocalDate today) {
    return WORDS.say(
        "reason",
        check.reason(),
        check.since() == null ? "none" : Days.ago(check.since(), today),
        sure && check.drinkMl() != null ? Math.round(check.drinkMl()) : "none");
  }

  /** What is asked of the plant: how its pot feels or looks, its water, or nothing but a soak. */
  private static PotAnswer.On row(PlantView plant, PotCheck check) {
    return switch (plant.kind().water()) {
      case SOAK -> PotAnswer.On.SOAKED;
      case CUP, AFLOAT -> PotAnswer.On.STANDING;
      default ->
          check.standing() != Standing.Kind.NONE
              ? PotAnswer.On.STANDING
              : plant.pot().clear() ? PotAnswer.On.SEEN : PotAnswer.On.FELT;
    };
  }

  private static String at(PlantView plant, PotCheck check) {
    Watering water = plant.kind().water();
    return water == Watering.CUP || water == Watering.AFLOAT
        ? water.name()
        : check.standing().name();
  }

  private static List<RoundItem.Answer> answers(PlantView plant, PotCheck check, PotAnswer.On row) {
    String action = action(plant);
    List<RoundItem.Answer> answers = new ArrayList<>();
    for (PotAnswer answer : PotAnswer.on(row)) {
      answers.add(new RoundItem.Answer(answer.label(), action, "answer", answer.id()));
    }
    if (check.weighed()) {
      answers.add(RoundItem.Answer.typed("g", action, "grams"));
    }
    for (PotAnswer answer : PotAnswer.on(PotAnswer.On.SKIP)) {
      answers.add(RoundItem.Answer.skip(answer.label(), action, "answer", answer.id()));
    }
    return answers;
  }

  static String action(PlantView plant) {
    return "/today/plants/" + plant.id() + "/water";
  }
}
