package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.OfStand;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.core.feed.Programme;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.season.StageOdds;
import org.mildlantern.core.season.YearStage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** The year ahead of a plant month by month: stage, water, feed, light and nights in one look. */
@Component
class YearSheets {
  private static final Words WORDS = Words.of(YearSheets.class);
  private static final int MONTHS = 12;
  private static final int MIDDLE = 15;

  private final PlantSeasons seasons;
  private final PlaceNights nights;
  private final ClimateService climate;
  private final LightService light;
  private final Knowledge knowledge;
  private final Scope scope;

  YearSheets(
      PlantSeasons seasons,
      PlaceNights nights,
      ClimateService climate,
      LightService light,
      Knowledge knowledge,
      Scope scope) {
    this.seasons = seasons;
    this.nights = nights;
    this.climate = climate;
    this.light = light;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /**
   * A sheet.
   *
   * @param months their first letters, this one first
   */
  record YearSheet(List<String> months, List<Row> rows) {}

  /**
   * A row.
   *
   * @param cells one for each month
   */
  record Row(String name, List<Cell> cells) {}

  /**
   * A month of a row.
   *
   * @param css that says what it is; or empty
   */
  record Cell(String text, String css) {}

  YearSheet of(PlantView plant) {
    Course course = seasons.course(plant);
    return new YearSheet(
        months(day -> day.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH)),
        List.of(
            row("row-stage", day -> stage(plant, course, day)),
            row("row-water", day -> water(plant, course, day)),
            row("row-feed", day -> feed(plant, course, day)),
            row("row-light", day -> lit(plant, course, day)),
            row("row-night", day -> night(plant, course, day))));
  }

  private <T> List<T> months(Function<LocalDate, T> of) {
    LocalDate first = scope.today().withDayOfMonth(MIDDLE);
    return IntStream.range(0, MONTHS).mapToObj(ahead -> of.apply(first.plusMonths(ahead))).toList();
  }

  private Row row(String name, Function<LocalDate, Cell> of) {
    return new Row(WORDS.say(name), months(of));
  }

  private StageOdds odds(PlantView plant, Course course, LocalDate day) {
    boolean now = day.getMonth() == scope.today().getMonth();
    LocalDate on = now ? scope.today() : day;
    return StageOdds.of(
        course,
        on,
        scope.latitude(),
        now ? seasons.here(plant) : StageOdds.Place.UNKNOWN,
        seasons.noted(plant, on));
  }

  private Cell stage(PlantView plant, Course course, LocalDate day) {
    YearStage stage = odds(plant, course, day).likeliest();
    return new Cell(WORDS.say("cell-stage", stage.name()), PlantYear.css(stage, course));
  }

  private Cell water(PlantView plant, Course course, LocalDate day) {
    return new Cell(WORDS.say("cell-water", odds(plant, course, day).water(course).name()), "");
  }

  private Cell feed(PlantView plant, Course course, LocalDate day) {
    Kind kind = plant.kind();
    if (kind.taxon().isEmpty()) {
      return new Cell(WORDS.say("cell-unknown"), "");
    }
    Programme programme = knowledge.feeding().of(kind);
    StageOdds odds = odds(plant, course, day);
    boolean rests = odds.water(course) != StageOdds.Watered.USUAL;
    boolean ripens =
        odds.likeliest() == YearStage.RIPENING
            && course.bloom() != null
            && course.bloom().spoils().contains("late nitrogen");
    boolean season =
        programme.months() == null || programme.months().contain(day, scope.latitude());
    boolean fed =
        programme.roots() && season && !rests && !ripens && plant.stage() != Stage.SEEDLING;
    return new Cell(WORDS.say(fed ? "cell-fed" : "cell-not"), fed ? "fed" : "");
  }

  private Cell lit(PlantView plant, Course course, LocalDate day) {
    Optional<Double> here = light.years().at(plant).map(OfStand::light).map(y -> y.at(day));
    if (here.isEmpty()) {
      return new Cell(WORDS.say("cell-unknown"), "");
    }
    boolean rests = odds(plant, course, day).water(course) != StageOdds.Watered.USUAL;
    String css =
        knowledge
            .lightWish(plant.kind())
            .map(wish -> rests ? wish.atRest() : wish)
            .map(wish -> css(wish.met(here.get())))
            .orElse("");
    return new Cell(WORDS.say("cell-light", here.get()), css);
  }

  private static String css(LightWish.Met met) {
    return switch (met) {
      case FAR_SHORT, SHORT -> "too-little";
      case MET -> "";
      case ABOVE -> "too-much";
    };
  }

  /** Nights of a room are what they are now; outdoors they follow the climate. */
  private Cell night(PlantView plant, Course course, LocalDate day) {
    double night = OpenAir.isOut(plant) ? climate.here().night(day) : nights.usual(plant.place());
    return new Cell(WORDS.say("cell-night", night), "");
  }
}
