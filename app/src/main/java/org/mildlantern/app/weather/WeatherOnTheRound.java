package org.mildlantern.app.weather;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.air.Nights;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts plants on the round that a night or a day ahead is too much for, a day before it comes. */
@Component
@Order(1)
class WeatherOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(WeatherOnTheRound.class);

  /** A night is named by the day after it; one acts the day before that, at the latest. */
  private static final int BEFORE = 2;

  /** Share of a stop’s time that one of several plants takes. Rule of thumb. */
  private static final double EACH = 0.5;

  private final ForecastService forecasts;

  WeatherOnTheRound(ForecastService forecasts) {
    this.forecasts = forecasts;
  }

  @Override
  public List<Due> due(Ground ground) {
    return forecasts.dangers(ground.kept()).stream()
        .map(danger -> due(danger, ground.today()))
        .toList();
  }

  @Override
  public Map<Long, Ask> asks(Ground ground) {
    LocalDate soon = ground.today().plusDays(BEFORE);
    return forecasts.dangers(ground.kept()).stream()
        .filter(danger -> !danger.day().isAfter(soon))
        .collect(Collectors.toMap(danger -> danger.plant().id(), danger -> Ask.MUCH));
  }

  private static Due due(ForecastService.Danger danger, LocalDate today) {
    PlantView plant = danger.plant();
    boolean cold = danger.of().harm() == Nights.Harm.COLD;
    LocalDate on = danger.day().minusDays(BEFORE);
    return Due.on(
            on.isBefore(today) ? today : on,
            RoundItem.due(
                    "weather-" + plant.id(),
                    cold ? Work.COLD : Work.MOVE,
                    plant,
                    WORDS.say(cold ? "frost" : "heat"),
                    reason(danger))
                .answered(
                    List.of(
                        new RoundItem.Answer(
                            WORDS.say("safe"),
                            "/plants/" + plant.id() + "/safe",
                            "day",
                            danger.day().toString())))
                .leadingTo("/weather", WORDS.say("forecast")))
        .within(party(danger), danger.day().minusDays(1))
        .asking(Ask.MUCH);
  }

  static String reason(ForecastService.Danger danger) {
    return WORDS.say(
        danger.of().harm() == Nights.Harm.COLD ? "frost-why" : "heat-why",
        (double) Math.round(danger.of().expected()),
        Days.near(danger.day()),
        danger.of().chance() * 100,
        danger.of().bears());
  }

  private static Party party(ForecastService.Danger danger) {
    boolean cold = danger.of().harm() == Nights.Harm.COLD;
    return new Party(
        "weather-" + danger.of().harm() + "-" + danger.day(),
        plants -> WORDS.say(cold ? "frost-many" : "heat-many", plants),
        WORDS.say(
            cold ? "frost-all" : "heat-all",
            Days.near(danger.day()),
            (double) Math.round(danger.of().expected())),
        "/places/" + danger.plant().place().id() + "/safe?day=" + danger.day(),
        WORDS.say("safe"),
        WORDS.say("still-out"),
        "/weather",
        EACH);
  }
}
