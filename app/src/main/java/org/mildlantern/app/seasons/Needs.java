package org.mildlantern.app.seasons;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Grew;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.season.BloomYear;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.DayLength;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/**
 * Whether a plant gets what starts its buds, where that is not counted in nights: light, the length
 * of the night, weeks without a drink, a growth that is full.
 */
@Component
class Needs {
  private static final Words WORDS = Words.of(Needs.class);

  private static final int YEARS = 3;
  private static final double WEEK = 7;

  private final LightService light;
  private final JournalService journal;
  private final Knowledge knowledge;
  private final Scope scope;

  Needs(LightService light, JournalService journal, Knowledge knowledge, Scope scope) {
    this.light = light;
    this.journal = journal;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** In words; empty where nothing is known, or it is not its time. */
  Optional<String> of(PlantView plant, Course course) {
    BloomYear bloom = course.bloom();
    LocalDate today = scope.today();
    boolean time =
        bloom != null && (bloom.when() == null || bloom.when().contain(today, scope.latitude()));
    if (!time) {
      return Optional.empty();
    }
    return switch (bloom.cue()) {
      case LIGHT -> light(plant);
      case LONG_NIGHTS, LONG_DAYS -> night(plant, bloom);
      case DRY_REST -> dry(plant);
      case RIPE -> ripe(plant);
      case COOL_NIGHTS, COLD, GAS -> Optional.empty();
    };
  }

  private Optional<String> light(PlantView plant) {
    LocalDate today = scope.today();
    return knowledge
        .lightWish(plant.kind())
        .flatMap(
            wish ->
                light
                    .years()
                    .at(plant)
                    .map(
                        stand ->
                            WORDS.say(
                                "need-light",
                                stand.light().at(today),
                                wish.low(),
                                wish.high(),
                                stand.light().at(today) >= wish.low() ? "enough" : "little")));
  }

  private Optional<String> night(PlantView plant, BloomYear bloom) {
    double day = DayLength.hours(scope.latitude(), scope.today());
    if (bloom.cue() == BloomYear.Cue.LONG_DAYS) {
      return Optional.of(WORDS.say("need-day", day));
    }
    return knowledge
        .longNights(plant.kind())
        .map(
            nights ->
                WORDS.say(
                    "need-night",
                    24 - day,
                    nights.dark(),
                    nights.weeks(),
                    24 - day >= nights.dark() ? "long" : "short"));
  }

  private Optional<String> dry(PlantView plant) {
    Instant last = journal.last(List.of(plant.id()), NoteKind.WATERED).get(plant.id());
    return Optional.ofNullable(last)
        .map(at -> ChronoUnit.DAYS.between(scope.day(at), scope.today()) / WEEK)
        .map(weeks -> WORDS.say("need-dry", weeks));
  }

  /** By what was measured: its newest growth beside the largest before. */
  private Optional<String> ripe(PlantView plant) {
    List<Grew> grown =
        journal
            .since(List.of(plant.id()), scope.today().minusYears(YEARS), Set.of(NoteKind.GREW))
            .getOrDefault(plant.id(), List.of())
            .stream()
            .map(Entry::note)
            .map(Grew.class::cast)
            .toList();
    if (grown.size() < 2) {
      return Optional.empty();
    }
    Grew newest = grown.get(grown.size() - 1);
    return grown.stream()
        .limit(grown.size() - 1L)
        .filter(one -> one.organ() == newest.organ())
        .mapToDouble(Grew::cm)
        .max()
        .stream()
        .mapToObj(
            before ->
                WORDS.say(
                    "need-ripe", newest.organ().label(), newest.cm(), 100 * newest.cm() / before))
        .findFirst();
  }
}
