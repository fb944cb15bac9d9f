package org.mildlantern.app.seasons;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Staged;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.BloomForecast;
import org.mildlantern.core.season.BudDrop;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** When buds open: here, elsewhere, and for a day that is wished. */
@Component
class Blooms {
  private static final Words WORDS = Words.of(Blooms.class);

  /** Its own blooms so far back count. */
  private static final int YEARS = 6;

  /** A plant is not sent where it is colder than it wishes by more, K. */
  private static final double BEARS = 2;

  private final PlaceService places;
  private final PlaceNights nights;
  private final JournalService journal;
  private final PlantService plants;
  private final CollectionMemo memo;
  private final Scope scope;

  Blooms(
      PlaceService places,
      PlaceNights nights,
      JournalService journal,
      PlantService plants,
      CollectionMemo memo,
      Scope scope) {
    this.plants = plants;
    this.memo = memo;
    this.places = places;
    this.nights = nights;
    this.journal = journal;
    this.scope = scope;
  }

  /** Of buds that were noted; empty where none are, or it is not known when they open. */
  Optional<BloomForecast> of(PlantView plant, Course course) {
    return of(plant, course, plant.place());
  }

  private Optional<BloomForecast> of(PlantView plant, Course course, PlaceView place) {
    if (plant.stage() != Stage.BUD || plant.stageSince() == null) {
      return Optional.empty();
    }
    return BloomForecast.of(
        course.bloom(),
        new BloomForecast.Buds(
            plant.stageSince(),
            nights.warmth(plant.place()),
            plant.stageSince().isAfter(scope.today()) ? plant.stageSince() : scope.today(),
            nights.warmth(place)),
        plant.kind().taxon().map(Taxon::flowerWeeks).orElse(null),
        past(plant));
  }

  /** Stages as they were noted, by plant, the first first. */
  private Map<Long, List<Entry>> noted() {
    return memo.once(
        "stages-noted",
        () -> {
          List<Long> ids = plants.kept().stream().map(PlantView::id).toList();
          return ids.isEmpty()
              ? Map.of()
              : journal.since(ids, scope.today().minusYears(YEARS), Set.of(NoteKind.STAGE));
        });
  }

  /** Its own blooms, at the warmth that its place has: what it had then is not known. */
  private List<BloomForecast.Past> past(PlantView plant) {
    List<Entry> noted = noted().getOrDefault(plant.id(), List.of());
    List<BloomForecast.Past> past = new ArrayList<>();
    Instant bud = null;
    for (Entry entry : noted) {
      Stage stage = entry.as(Staged.class).map(Staged::stage).orElse(null);
      if (stage == Stage.FLOWER && bud != null) {
        long days = ChronoUnit.DAYS.between(scope.day(bud), scope.day(entry.at()));
        if (days > 0) {
          past.add(new BloomForecast.Past(days, nights.warmth(plant.place())));
        }
      }
      bud = stage == Stage.BUD ? (bud == null ? entry.at() : bud) : null;
    }
    return past;
  }

  static String words(BloomForecast forecast) {
    return WORDS.say("opens", Days.near(forecast.from()), Days.near(forecast.to()))
        + (forecast.ends() == null ? "" : WORDS.say("lasts", Days.near(forecast.ends())));
  }

  /**
   * What a place does to its buds.
   *
   * @param here whether it stands there
   * @param celsius mean warmth there
   * @param open chance in percent that it is in flower on the day that is wished, or null
   * @param drops chance in percent that buds drop when it is moved there; null where it stands
   * @param why of that, in words; empty for none
   */
  record At(
      PlaceView place,
      boolean here,
      double celsius,
      String opens,
      String ends,
      Long open,
      Long drops,
      String why) {}

  /**
   * Where it stands and where it could.
   *
   * @param wished a day on which it should be in flower, or null
   */
  List<At> places(PlantView plant, Course course, LocalDate wished) {
    double bears = plant.kind().taxon().map(Taxon::coldestWished).orElse(10.0) - BEARS;
    return places.all().stream()
        .filter(
            place ->
                place.id().equals(plant.place().id())
                    || place.kind() == PlaceKind.INDOOR && nights.usual(place) >= bears)
        .flatMap(place -> at(plant, course, place, wished).stream())
        .sorted(
            Comparator.comparing((At at) -> at.open() == null ? 0 : -at.open())
                .thenComparing(at -> !at.here()))
        .toList();
  }

  private Optional<At> at(PlantView plant, Course course, PlaceView place, LocalDate wished) {
    boolean here = place.id().equals(plant.place().id());
    return of(plant, course, place)
        .map(
            forecast -> {
              BudDrop drop = here ? null : BudDrop.of(course.bloom(), change(plant, place));
              return new At(
                  place,
                  here,
                  nights.warmth(place),
                  WORDS.say("between", Days.near(forecast.from()), Days.near(forecast.to())),
                  forecast.ends() == null ? "" : Days.near(forecast.ends()),
                  wished == null ? null : Math.round(100 * forecast.openOn(wished)),
                  drop == null ? null : Math.round(100 * drop.chance()),
                  drop == null
                      ? ""
                      : String.join(
                          ", ",
                          drop.reasons().stream()
                              .map(why -> WORDS.say("bud-drop", why.name()))
                              .toList()));
            });
  }

  private BudDrop.Change change(PlantView plant, PlaceView place) {
    LightClass here = plant.place().surroundings().light();
    LightClass there = place.surroundings().light();
    return new BudDrop.Change(
        nights.warmth(place) - nights.warmth(plant.place()),
        place.humidity(),
        plant.kind().taxon().map(Taxon::humidity).orElse(40.0),
        here == null || there == null ? null : there.above(here));
  }
}
