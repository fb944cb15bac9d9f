package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.light.SunYear;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Puts plants on the round to which the sun comes of itself, before leaves that are not used to it
 * are burnt: in spring, when a tree outside sheds its leaves, or as it sinks below a balcony.
 */
@Component
@Order(2)
class SunOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(SunOnTheRound.class);
  private static final int AHEAD_DAYS = 10;
  private static final int BACK_DAYS = 10;

  /** One acts so many days before. */
  private static final int BEFORE_DAYS = 3;

  /** Share of a stop’s time that one of several plants takes. Rule of thumb. */
  private static final double EACH = 0.5;

  private final LightBook book;
  private final SunAnswerRepository answers;
  private final Knowledge knowledge;

  SunOnTheRound(LightBook book, SunAnswerRepository answers, Knowledge knowledge) {
    this.book = book;
    this.answers = answers;
    this.knowledge = knowledge;
  }

  /** What is asked once for all plants of a wish on a stand. */
  private record Asked(SunYear sun, LightWish wish) {}

  @Override
  public List<Due> due(Ground ground) {
    LightYears years = book.years();
    LocalDate from = ground.today().minusDays(BACK_DAYS);
    LocalDate until = ground.today().plusDays(AHEAD_DAYS);
    Map<Asked, Optional<SunYear.Change>> known = new HashMap<>();
    Map<PlantView, SunYear.Change> coming = new HashMap<>();
    for (PlantView plant : ground.kept()) {
      Optional<OfStand> stand = years.drawn(plant);
      Optional<LightWish> wish =
          stand.isEmpty() ? Optional.empty() : knowledge.lightWish(plant.kind());
      wish.flatMap(
              w ->
                  known.computeIfAbsent(
                      new Asked(stand.get().sun(), w), a -> a.sun().comes(a.wish(), from, until)))
          .ifPresent(change -> coming.put(plant, change));
    }
    return coming.isEmpty() ? List.of() : due(coming, from, ground.today());
  }

  private List<Due> due(Map<PlantView, SunYear.Change> coming, LocalDate from, LocalDate today) {
    Map<Long, Set<LocalDate>> answered =
        answers.since(from).stream()
            .collect(
                Collectors.groupingBy(
                    SunAnswer::plantId, Collectors.mapping(SunAnswer::day, Collectors.toSet())));
    List<Due> due = new ArrayList<>();
    coming.forEach(
        (plant, change) -> {
          if (!answered.getOrDefault(plant.id(), new HashSet<>()).contains(change.day())) {
            due.add(due(plant, change, today));
          }
        });
    return due;
  }

  private static Due due(PlantView plant, SunYear.Change change, LocalDate today) {
    LocalDate on = change.day().minusDays(BEFORE_DAYS);
    String place = "/places/" + plant.place().id();
    String why =
        WORDS.say(
            "sun-comes-why",
            Days.near(change.day()),
            change.after().directHours(),
            change.before().directHours());
    return Due.on(
            on.isBefore(today) ? today : on,
            RoundItem.due(
                    "sun-" + plant.id() + "-" + change.day(),
                    Work.MOVE,
                    plant,
                    WORDS.say("sun-comes"),
                    why)
                .answered(
                    List.of(
                        new RoundItem.Answer(
                            WORDS.say("seen-to"),
                            "/plants/" + plant.id() + "/seen-to-sun",
                            "day",
                            change.day().toString())))
                .leadingTo(place + "/light", WORDS.say("its-light")))
        .within(
            new Party(
                "sun-" + change.day(),
                plants -> WORDS.say("sun-comes-many", plants),
                why,
                place + "/seen-to-sun?day=" + change.day(),
                WORDS.say("seen-to"),
                WORDS.say("still-in-sun"),
                place + "/light",
                EACH),
            change.day().plusDays(AHEAD_DAYS))
        .asking(Ask.MUCH);
  }
}
