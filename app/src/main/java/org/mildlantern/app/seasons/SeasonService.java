package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.BloomForecast;
import org.mildlantern.core.season.BloomYear;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.CueLedger;
import org.mildlantern.core.season.Repotting;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.season.StageOdds;
import org.mildlantern.core.season.YearStage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out the year of plants. */
@Service
@Transactional(readOnly = true)
class SeasonService {
  private static final Words WORDS = Words.of(SeasonService.class);

  /** A stage of which it is not known since when is taken for so old. */
  private static final int SOME_DAYS = 30;

  /** What is less likely is not shown. */
  private static final double SHOWN = 0.05;

  private static final int HALF_MONTHS = 24;

  /** More plants than this are shown a place at a time. */
  private static final int MANY = 200;

  /** Nights there are what they are now for so long. */
  private static final int NIGHTS_HOLD_DAYS = 30;

  /** A medium this far through its life is spoken of. */
  private static final double OLD = 0.8;

  /** A plant goes nowhere colder than it wishes by more than this, K. */
  private static final double BEARS = 3;

  private final PlantService plants;
  private final PlaceService places;
  private final PlaceNights nights;
  private final Knowledge knowledge;
  private final Scope scope;

  SeasonService(
      PlantService plants,
      PlaceService places,
      PlaceNights nights,
      Knowledge knowledge,
      Scope scope) {
    this.plants = plants;
    this.places = places;
    this.nights = nights;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /**
   * The year of plants, by place.
   *
   * @param place only those of this one; null for all, or for the first place where they are many
   */
  Year year(Long place) {
    List<PlantView> kept = plants.kept();
    Long only = place == null && kept.size() > MANY ? kept.get(0).place().id() : place;
    return new Year(
        kept.stream()
            .filter(plant -> only == null || plant.place().id().equals(only))
            .limit(MANY)
            .sorted(
                Comparator.comparing((PlantView plant) -> plant.place().name())
                    .thenComparing(PlantView::name))
            .map(this::of)
            .toList(),
        kept.size(),
        places.all(),
        only);
  }

  /**
   * The year of many.
   *
   * @param only the place of which plants are shown, or null
   */
  record Year(List<PlantYear> plants, int kept, List<PlaceView> places, Long only) {}

  /** First letters of the months ahead. */
  List<String> months() {
    return IntStream.range(0, HALF_MONTHS / 2)
        .mapToObj(
            ahead ->
                scope
                    .today()
                    .plusMonths(ahead)
                    .getMonth()
                    .getDisplayName(TextStyle.SHORT, Locale.ENGLISH))
        .toList();
  }

  /** Where today stands among the half months, as a share of all. */
  double today() {
    LocalDate today = scope.today();
    return (today.getDayOfMonth() - 1.0) / today.lengthOfMonth() * 2 / HALF_MONTHS;
  }

  PlantYear of(PlantView plant) {
    Course course = knowledge.course(plant.kind());
    LocalDate today = scope.today();
    StageOdds.Place here = nights.at(plant.place());
    StageOdds.Noted noted = noted(plant, today);
    StageOdds now = StageOdds.of(course, today, scope.latitude(), here, noted);
    PlantYear.Ledger ledger = ledger(plant, course).orElse(null);
    String blooms = blooms(plant, course);
    String repot = repot(plant, course, here, noted);
    String stage = WORDS.say("stage", now.likeliest().label(), now.of(now.likeliest()) * 100);
    return new PlantYear(
        plant,
        stage,
        now.odds().entrySet().stream()
            .filter(odd -> odd.getValue() >= SHOWN)
            .sorted(Map.Entry.<YearStage, Double>comparingByValue().reversed())
            .map(odd -> new PlantYear.Odd(odd.getKey().label(), Math.round(odd.getValue() * 100)))
            .toList(),
        course.bloom() == null
            ? ""
            : WORDS.say("cue", course.bloom().cue().label(), course.bloom().say()),
        ledger,
        blooms,
        repot,
        bars(plant, course, here),
        ledger != null ? ledger.words() : !blooms.isEmpty() ? blooms : repot);
  }

  /** The stage that was noted, as old as it is on a day; none for a seedling, which has no year. */
  private StageOdds.Noted noted(PlantView plant, LocalDate on) {
    Stage stage = plant.noted().orElse(null);
    if (stage == null || stage == Stage.SEEDLING) {
      return null;
    }
    LocalDate since =
        plant.stageSince() == null ? scope.today().minusDays(SOME_DAYS) : plant.stageSince();
    return new StageOdds.Noted(
        YearStage.valueOf(stage.name()), Math.max(0, ChronoUnit.DAYS.between(since, on)));
  }

  private Optional<PlantYear.Ledger> ledger(PlantView plant, Course course) {
    BloomYear bloom = course.bloom();
    LocalDate today = scope.today();
    if (bloom == null
        || !bloom.counted()
        || plant.stage() == Stage.SEEDLING
        || !bloom.when().contain(today, scope.latitude())) {
      return Optional.empty();
    }
    CueLedger.Cue cue = CueLedger.Cue.of(bloom, today, scope.latitude());
    CueLedger ledger =
        CueLedger.of(cue, nights.read(plant.place()), nights.usual(plant.place()), today);
    String rest =
        ledger.isDone()
            ? WORDS.say("cue-done")
            : ledger.done() != null
                ? WORDS.say("cue-here", Days.near(ledger.done()))
                : elsewhere(plant, course, ledger, cue)
                    .orElse(WORDS.say("cue-nowhere", Days.near(cue.until())));
    return Optional.of(
        new PlantYear.Ledger(
            WORDS.say(
                "ledger",
                ledger.counted(),
                ledger.needed(),
                cue.below(),
                ledger.spread() > 0.5 ? 1 : 0,
                ledger.spread(),
                rest),
            Math.min(100, ledger.counted() / ledger.needed() * 100)));
  }

  /** The place that gives the rest soonest of those that it bears. */
  private Optional<String> elsewhere(
      PlantView plant, Course course, CueLedger ledger, CueLedger.Cue cue) {
    record Gives(PlaceView place, LocalDate day) {}
    double bears = plant.kind().taxon().map(Taxon::coldestWished).orElse(0.0) - BEARS;
    return places.all().stream()
        .filter(
            place ->
                !place.id().equals(plant.place().id())
                    && place.kind().givesCold(course.rest() == Course.RestKind.DRY))
        .filter(place -> nights.usual(place) >= bears)
        .map(place -> new Gives(place, ledger.elsewhere(cue, nights.usual(place), scope.today())))
        .filter(gives -> gives.day() != null)
        .min(Comparator.comparing(Gives::day))
        .map(gives -> WORDS.say("cue-there", gives.place().name(), Days.near(gives.day())));
  }

  private String blooms(PlantView plant, Course course) {
    if (plant.stage() != Stage.BUD || plant.stageSince() == null) {
      return "";
    }
    return BloomForecast.of(
            course.bloom(),
            plant.stageSince(),
            nights.warmth(plant.place()),
            plant.kind().taxon().map(Taxon::flowerWeeks).orElse(null))
        .map(
            forecast ->
                WORDS.say("opens", Days.near(forecast.from()), Days.near(forecast.to()))
                    + (forecast.ends() == null
                        ? ""
                        : WORDS.say("lasts", Days.near(forecast.ends()))))
        .orElse("");
  }

  private String repot(
      PlantView plant, Course course, StageOdds.Place here, StageOdds.Noted noted) {
    Repotting repotting = Repotting.of(course, scope.today(), scope.latitude(), here, noted);
    String when =
        repotting.now() == Repotting.Now.YES
            ? WORDS.say("repot-now")
            : WORDS.say("repot-later", repotting.now().name(), Days.near(repotting.notBefore()));
    double used = used(plant);
    return used >= OLD ? WORDS.say("medium-used", used * 100, when) : when;
  }

  private double used(PlantView plant) {
    return plant.medium() == null || plant.mediumSince() == null
        ? 0
        : ChronoUnit.DAYS.between(plant.mediumSince(), scope.today())
            / (plant.medium().lifeMonths() * 30.44);
  }

  private List<PlantYear.Bar> bars(PlantView plant, Course course, StageOdds.Place here) {
    List<PlantYear.Bar> bars = new ArrayList<>();
    LocalDate first = scope.today().withDayOfMonth(1);
    String css = null;
    int from = 0;
    String label = "";
    for (int half = 0; half <= HALF_MONTHS; half++) {
      String next = null;
      String its = "";
      if (half < HALF_MONTHS) {
        YearStage stage = likeliest(plant, course, here, middle(first, half));
        next = css(stage, course);
        its = stage.label();
      }
      if (css != null && !css.equals(next)) {
        bars.add(new PlantYear.Bar(css, label, from, half - from));
        from = half;
      }
      css = next;
      label = its;
    }
    return bars;
  }

  private static LocalDate middle(LocalDate first, int half) {
    return first.plusMonths(half / 2).withDayOfMonth(half % 2 == 0 ? 8 : 22);
  }

  private YearStage likeliest(PlantView plant, Course course, StageOdds.Place here, LocalDate on) {
    LocalDate today = scope.today();
    boolean soon = ChronoUnit.DAYS.between(today, on) <= NIGHTS_HOLD_DAYS;
    return StageOdds.of(
            course,
            on,
            scope.latitude(),
            soon ? here : StageOdds.Place.UNKNOWN,
            noted(plant, on.isBefore(today) ? today : on))
        .likeliest();
  }

  private static String css(YearStage stage, Course course) {
    boolean dry = course.rest() == Course.RestKind.DRY || course.rest() == Course.RestKind.COOL;
    return stage == YearStage.REST && dry ? "rest-dry" : stage.id();
  }
}
