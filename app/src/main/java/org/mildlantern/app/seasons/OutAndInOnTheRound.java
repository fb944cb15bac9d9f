package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.journal.LastMove;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.weather.ForecastService;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.air.OutAndIn;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Puts plants on the round that are to come in before nights are too cold for them, and those that
 * stood out last year when they may go out again.
 */
@Component
@Order(3)
class OutAndInOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(OutAndInOnTheRound.class);

  private static final int A_YEAR = 400;

  /** It is said so long before the day by which it is in. */
  private static final int BEFORE_DAYS = 5;

  /** A plant may go out later by so much. */
  private static final int WAITS = 21;

  private final OpenAir air;
  private final ForecastService forecasts;
  private final JournalService journal;

  OutAndInOnTheRound(OpenAir air, ForecastService forecasts, JournalService journal) {
    this.air = air;
    this.forecasts = forecasts;
    this.journal = journal;
  }

  @Override
  public List<Due> due(Ground ground) {
    Optional<PlaceView> open = air.open();
    if (open.isEmpty()) {
      return List.of();
    }
    Set<Long> frost =
        forecasts.dangers().stream().map(danger -> danger.plant().id()).collect(Collectors.toSet());
    Set<Long> wereOut = wereOut(ground, open.get());
    Map<String, Optional<OutAndIn>> known = new HashMap<>();
    return ground.kept().stream()
        .filter(plant -> !frost.contains(plant.id()))
        .filter(plant -> OpenAir.isOut(plant) || wereOut.contains(plant.id()))
        .flatMap(plant -> due(plant, known, ground.today()).stream())
        .toList();
  }

  private Set<Long> wereOut(Ground ground, PlaceView open) {
    return journal.lastMovesSince(ground.today().minusDays(A_YEAR)).stream()
        .filter(move -> move.from().filter(open.id()::equals).isPresent())
        .map(LastMove::plantId)
        .collect(Collectors.toSet());
  }

  private Optional<Due> due(
      PlantView plant, Map<String, Optional<OutAndIn>> known, LocalDate today) {
    Optional<OutAndIn> days =
        known
            .computeIfAbsent(
                plant.kind().name() + plant.stage() + OpenAir.isOut(plant), kind -> air.days(plant))
            .filter(found -> !found.allYear());
    return OpenAir.isOut(plant)
        ? days.flatMap(OutAndIn::in).map(in -> comesIn(plant, in, today))
        : days.flatMap(OutAndIn::out).map(out -> goesOut(plant, out));
  }

  private Due comesIn(PlantView plant, LocalDate in, LocalDate today) {
    LocalDate on = in.minusDays(BEFORE_DAYS);
    LocalDate due = on.isBefore(today) ? today : on;
    return row(
        plant,
        due,
        in,
        WORDS.say("round-in", Days.near(in)),
        air.comesIn(plant, in) + " " + WORDS.say("round-in-why"));
  }

  private Due goesOut(PlantView plant, LocalDate out) {
    return row(
        plant,
        out,
        out.plusDays(WAITS),
        WORDS.say("round-out"),
        String.join(" ", air.words(plant)));
  }

  private static Due row(
      PlantView plant, LocalDate on, LocalDate bears, String task, String reason) {
    return Due.on(
            on,
            RoundItem.due("out-" + plant.id(), Work.MOVE, plant, task, reason)
                .leadingTo("/plants/" + plant.id() + "#move", WORDS.say("move-it")))
        .until(bears);
  }
}
