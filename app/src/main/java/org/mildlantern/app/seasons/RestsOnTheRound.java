package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.RestSigns;
import org.mildlantern.core.season.RestTurn;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts plants on the round whose rest begins or ends, with what changes then. */
@Component
@Order(6)
class RestsOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(RestsOnTheRound.class);

  /** A look for it may be put off by so much. */
  private static final int WAITS = 7;

  /** Share of a stop’s time that one of several plants takes. Rule of thumb. */
  private static final double EACH = 0.3;

  private final Knowledge knowledge;
  private final RestPlaces places;
  private final Scope scope;

  RestsOnTheRound(Knowledge knowledge, RestPlaces places, Scope scope) {
    this.knowledge = knowledge;
    this.places = places;
    this.scope = scope;
  }

  @Override
  public List<Due> due(Ground ground) {
    return ground.kept().stream()
        .filter(plant -> plant.kind().taxon().isPresent())
        .flatMap(plant -> due(plant, ground.today()).stream())
        .toList();
  }

  private Optional<Due> due(PlantView plant, LocalDate today) {
    Course course = knowledge.course(plant.kind());
    return RestTurn.near(
            course, today, scope.latitude(), plant.noted().orElse(null), plant.stageSince())
        .map(turn -> due(plant, course, turn, today));
  }

  @Override
  public List<Due> ahead(Ground ground) {
    return ground.kept().stream()
        .filter(plant -> plant.kind().taxon().isPresent())
        .flatMap(plant -> ahead(plant, ground.today()).stream())
        .toList();
  }

  private Optional<Due> ahead(PlantView plant, LocalDate today) {
    Course course = knowledge.course(plant.kind());
    return due(plant, today)
        .or(
            () ->
                RestTurn.next(course, today, scope.latitude(), plant.noted().orElse(null))
                    .map(turn -> due(plant, course, turn, today)));
  }

  /** What is asked at a turn of a rest. */
  private enum Asked {
    BEGINS("rest-begins", "rest-begins-many", "begins-yes", "begins-no", "begins-not-these"),
    ENDS("rest-ends", "rest-ends-many", "ends-yes", "ends-no", "ends-not-these");

    private final String task;
    private final String many;
    private final String yes;
    private final String no;
    private final String notThese;

    Asked(String task, String many, String yes, String no, String notThese) {
      this.task = task;
      this.many = many;
      this.yes = yes;
      this.no = no;
      this.notThese = notThese;
    }
  }

  private Due due(PlantView plant, Course course, RestTurn turn, LocalDate today) {
    String rest = course.rest().name();
    Asked asked = turn.begins() ? Asked.BEGINS : Asked.ENDS;
    LocalDate on = turn.on().isBefore(today) ? today : turn.on();
    String yes = StageController.of(turn.begins() ? Stage.REST : Stage.GROWTH);
    String no = StageController.of(turn.begins() ? Stage.GROWTH : Stage.REST);
    String id = plant.id().toString();
    return Due.on(
            on,
            RoundItem.due(
                    "rest-" + id,
                    Work.LOOK,
                    plant,
                    WORDS.say(asked.task, rest),
                    why(plant, course, turn))
                .answered(
                    List.of(
                        new RoundItem.Answer(WORDS.say(asked.yes), yes, "plants", id),
                        RoundItem.Answer.skip(WORDS.say(asked.no), no, "plants", id)))
                .leadingTo("/plants/" + id + "/year", WORDS.say("its-year")))
        .within(
            new Party(
                "rest-" + asked + "-" + rest + "-" + turn.on(),
                plants -> WORDS.say(asked.many, rest, plants),
                WORDS.say("turn-all"),
                yes,
                WORDS.say(asked.yes),
                WORDS.say(asked.notThese),
                "/seasons",
                EACH),
            on.plusDays(WAITS));
  }

  private String why(PlantView plant, Course course, RestTurn turn) {
    Optional<RestSigns> signs = Optional.ofNullable(course.signs());
    if (!turn.begins()) {
      return signs.map(known -> WORDS.say("with", known.ends())).orElse(WORDS.say("ends-about"));
    }
    return Stream.of(
            signs.map(known -> WORDS.say("with", known.begins())).orElse(""),
            WORDS.say("until", Days.near(turn.until())),
            places.words(plant))
        .filter(words -> !words.isEmpty())
        .collect(Collectors.joining("; "));
  }
}
