package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
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

/**
 * Puts the steps on the round by which a plant gets used to more light: after a move, or where the
 * light itself changed.
 */
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
    Map<Long, LastMove> moves = new HashMap<>();
    for (LastMove move : journal.lastMovesSince(ground.today().minusDays(LONGEST_DAYS))) {
      moves.put(move.plantId(), move);
    }
    for (PlantView plant : ground.kept()) {
      Optional<Rise> moved =
          Optional.ofNullable(moves.get(plant.id()))
              .filter(move -> plant.place().id().equals(move.to()))
              .flatMap(move -> ofMove(plant, move, years, ground.today()));
      Optional<Rise> changed =
          years.changed(plant).map(c -> new Rise(c.before().dli(), c.after().dli(), c.day()));
      Stream.concat(moved.stream(), changed.stream())
          .max(Comparator.comparing(Rise::day))
          .ifPresent(rise -> due.addAll(steps(plant, rise, ground.today())));
    }
    return due;
  }

  /** From how much light to how much, mol/m² a day, and since when. */
  private record Rise(double before, double after, LocalDate day) {}

  private static Optional<Rise> ofMove(
      PlantView plant, LastMove move, LightYears years, LocalDate today) {
    Optional<YearLight> before = move.from().flatMap(years::usual).map(OfStand::light);
    Optional<YearLight> after = years.at(plant).map(OfStand::light);
    return before.isEmpty() || after.isEmpty()
        ? Optional.empty()
        : Optional.of(new Rise(before.get().at(today), after.get().at(today), move.day()));
  }

  private List<Due> steps(PlantView plant, Rise rise, LocalDate today) {
    List<Hardening.Step> steps =
        Hardening.after(
            rise.before(),
            rise.after(),
            knowledge.lightWish(plant.kind()).orElse(null),
            rise.day());
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
