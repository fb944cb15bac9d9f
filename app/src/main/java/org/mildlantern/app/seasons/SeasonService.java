package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
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
import org.mildlantern.core.air.OutAndIn;
import org.mildlantern.core.season.BloomForecast;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.RestTurn;
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

  /** What is less likely is not shown. */
  private static final double SHOWN = 0.05;

  private static final int HALF_MONTHS = 24;

  /** More plants than this are shown a place at a time. */
  private static final int MANY = 200;

  /** Nights there are what they are now for so long. */
  private static final int NIGHTS_HOLD_DAYS = 30;

  /** Share of the band that a mark takes, and each of its letters. */
  private static final double ROOM = 0.04;

  private static final double LETTER = 0.012;

  private final PlantService plants;
  private final PlaceService places;
  private final PlantSeasons seasons;
  private final Cues cues;
  private final Blooms blooms;
  private final OpenAir air;
  private final List<YearSource> sources;
  private final Scope scope;

  SeasonService(
      PlantService plants,
      PlaceService places,
      PlantSeasons seasons,
      Cues cues,
      Blooms blooms,
      OpenAir air,
      List<YearSource> sources,
      Scope scope) {
    this.plants = plants;
    this.places = places;
    this.seasons = seasons;
    this.cues = cues;
    this.blooms = blooms;
    this.air = air;
    this.sources = List.copyOf(sources);
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
    List<PlantView> shown =
        kept.stream()
            .filter(plant -> only == null || plant.place().id().equals(only))
            .limit(MANY)
            .sorted(
                Comparator.comparing((PlantView plant) -> plant.place().name())
                    .thenComparing(PlantView::name))
            .toList();
    Map<Long, List<YearSource.Mark>> days = told(shown);
    return new Year(
        shown.stream().map(plant -> of(plant, days)).toList(), kept.size(), places.all(), only);
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
    return of(plant, told(List.of(plant)));
  }

  /** What other features say of the days of plants. */
  private Map<Long, List<YearSource.Mark>> told(List<PlantView> shown) {
    Map<Long, List<YearSource.Mark>> days = new HashMap<>();
    for (YearSource source : sources) {
      source
          .marks(shown)
          .forEach(
              (plant, marks) -> days.computeIfAbsent(plant, id -> new ArrayList<>()).addAll(marks));
    }
    return days;
  }

  private PlantYear of(PlantView plant, Map<Long, List<YearSource.Mark>> days) {
    Course course = seasons.course(plant);
    StageOdds now = seasons.now(plant);
    Optional<Cues.Counted> cue = cues.of(plant, course);
    Optional<BloomForecast> opening = blooms.of(plant, course);
    String opens = opening.map(Blooms::words).orElse("");
    String stage = WORDS.say("stage", now.likeliest().label(), now.of(now.likeliest()) * 100);
    List<YearSource.Mark> marks = marks(plant, course, cue, opening, days);
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
        cue.map(Cues.Counted::ledger).orElse(null),
        opens,
        bars(plant, course, seasons.here(plant)),
        placed(marks),
        cue.map(found -> found.ledger().words())
            .or(() -> opening.map(Blooms::words))
            .or(() -> marks.stream().findFirst().map(mark -> mark.line() + "."))
            .orElse(""));
  }

  /** The days ahead, the first first. */
  private List<YearSource.Mark> marks(
      PlantView plant,
      Course course,
      Optional<Cues.Counted> cue,
      Optional<BloomForecast> opening,
      Map<Long, List<YearSource.Mark>> days) {
    LocalDate today = scope.today();
    List<YearSource.Mark> marks = new ArrayList<>(days.getOrDefault(plant.id(), List.of()));
    cue.map(Cues.Counted::done)
        .ifPresent(
            day ->
                marks.add(
                    new YearSource.Mark(
                        day, WORDS.say("mark-cue"), WORDS.say("line-cue", Days.near(day)))));
    opening
        .map(BloomForecast::middle)
        .ifPresent(
            day ->
                marks.add(
                    new YearSource.Mark(
                        day, WORDS.say("mark-opens"), WORDS.say("line-opens", Days.near(day)))));
    if (plant.kind().taxon().isPresent() && plant.stage() != Stage.SEEDLING) {
      Stage noted = plant.noted().orElse(null);
      RestTurn.near(course, today, scope.latitude(), noted, plant.stageSince())
          .or(() -> RestTurn.next(course, today, scope.latitude(), noted))
          .ifPresent(
              turn ->
                  marks.add(
                      new YearSource.Mark(
                          turn.on(),
                          WORDS.say(turn.begins() ? "mark-rest" : "mark-wakes"),
                          WORDS.say(
                              turn.begins() ? "line-rest" : "line-wakes", Days.near(turn.on())))));
    }
    marks.addAll(ofTheAir(plant));
    LocalDate last = today.withDayOfMonth(1).plusYears(1);
    return marks.stream()
        .filter(mark -> mark.day().isBefore(last))
        .map(mark -> mark.day().isBefore(today) ? mark.on(today) : mark)
        .sorted(Comparator.comparing(YearSource.Mark::day))
        .toList();
  }

  private List<YearSource.Mark> ofTheAir(PlantView plant) {
    if (!OpenAir.isOut(plant)) {
      return List.of();
    }
    return air.days(plant)
        .flatMap(OutAndIn::in)
        .map(
            in ->
                List.of(
                    new YearSource.Mark(
                        in, WORDS.say("mark-in"), WORDS.say("line-in", Days.near(in)))))
        .orElse(List.of());
  }

  /** Marks that lie too near to one another leave the later out. */
  private List<PlantYear.Mark> placed(List<YearSource.Mark> marks) {
    LocalDate first = scope.today().withDayOfMonth(1);
    List<PlantYear.Mark> placed = new ArrayList<>();
    double free = 0;
    for (YearSource.Mark mark : marks) {
      double at =
          (double) ChronoUnit.DAYS.between(first, mark.day())
              / ChronoUnit.DAYS.between(first, first.plusYears(1));
      if (at >= free) {
        placed.add(new PlantYear.Mark(at, mark.label(), mark.line()));
        free = at + ROOM + LETTER * mark.label().length();
      }
    }
    return placed;
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
        next = PlantYear.css(stage, course);
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
            seasons.noted(plant, on.isBefore(today) ? today : on))
        .likeliest();
  }
}
