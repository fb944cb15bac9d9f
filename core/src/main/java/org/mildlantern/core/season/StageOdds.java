package org.mildlantern.core.season;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import org.mildlantern.core.chance.Normal;

/**
 * Where a plant stands in its year, as odds that add up to 1.
 *
 * <p>The calendar of its kind gives them first, with edges that are soft by some weeks; near the
 * equator, where days are alike, it says less. Nights where it stands turn them: what wants cold
 * and has none stays in growth and sets no buds. What its keeper noted turns them most, and less
 * with the weeks. Weights are rules of thumb.
 *
 * @param odds of each stage
 */
public record StageOdds(Map<YearStage, Double> odds) {
  /** Half of the days over which an edge of the calendar is soft. */
  private static final int SOFT_DAYS = 15;

  /** Growths fill for so long before a rest. */
  private static final int RIPENS_DAYS = 42;

  private static final int AFTER_DAYS = 35;

  /** Chance that a well-kept plant flowers at all in its months, and in any month without them. */
  private static final double FLOWERS = 0.75;

  private static final double AT_ANY_TIME = 0.06;

  /** Nights warmer than this keep what rests cold awake, °C. */
  private static final double AWAKE = 12;

  /** Nearer the equator than this, months say half. */
  private static final double TROPICS = 10;

  private static final double LEAST = 0.02;

  /**
   * What a note is worth on its day, as a factor, and days after which it is worth a third of that.
   */
  private static final double NOTED = 120;

  private static final double FADES_DAYS = 45;

  public StageOdds {
    odds = Collections.unmodifiableMap(new EnumMap<>(odds));
  }

  /**
   * What is known of the place; null for what is not.
   *
   * @param nightC usual night of this season, °C
   * @param dayC usual day
   */
  public record Place(Double nightC, Double dayC) {
    public static final Place UNKNOWN = new Place(null, null);
  }

  /** A stage that was noted, so many days ago. */
  public record Noted(YearStage stage, long daysAgo) {}

  /**
   * The odds of a day.
   *
   * @param noted null where nothing was
   */
  public static StageOdds of(
      Course course, LocalDate day, double latitude, Place place, Noted noted) {
    EnumMap<YearStage, Double> odds = byCalendar(course, day, latitude);
    if (Math.abs(latitude) < TROPICS) {
      odds.replaceAll((stage, chance) -> stage == YearStage.GROWTH ? chance : chance / 2);
    }
    if (place.nightC() != null) {
      byNights(odds, course, place.nightC());
    }
    double sum = odds.values().stream().mapToDouble(Double::doubleValue).sum();
    odds.merge(YearStage.GROWTH, Math.max(LEAST, 1 - sum), Double::sum);
    if (noted != null) {
      double worth = 1 + (NOTED - 1) * Math.exp(-noted.daysAgo() / FADES_DAYS);
      odds.replaceAll(
          (stage, chance) -> Math.max(LEAST, chance) * (stage == noted.stage() ? worth : 1));
    }
    double all = odds.values().stream().mapToDouble(Double::doubleValue).sum();
    odds.replaceAll((stage, chance) -> chance / all);
    return new StageOdds(odds);
  }

  private static EnumMap<YearStage, Double> byCalendar(
      Course course, LocalDate day, double latitude) {
    EnumMap<YearStage, Double> odds = new EnumMap<>(YearStage.class);
    for (YearStage stage : YearStage.values()) {
      odds.put(stage, 0.0);
    }
    double rest = in(course.resting(), day, latitude);
    odds.put(YearStage.REST, rest);
    if (course.rest() != Course.RestKind.NONE) {
      odds.put(
          YearStage.RIPENING,
          Math.max(0, in(course.resting(), day.plusDays(RIPENS_DAYS), latitude) - rest));
    }
    BloomYear bloom = course.bloom();
    if (bloom == null || bloom.bloom() == null) {
      odds.put(YearStage.FLOWER, AT_ANY_TIME * (1 - rest));
      odds.put(YearStage.BUD, AT_ANY_TIME * (1 - rest));
    } else {
      double flower = in(bloom.bloom(), day, latitude);
      long buds = Math.round(bloom.meanBudWeeks() * 7);
      double bud = Math.max(0, in(bloom.bloom(), day.plusDays(buds), latitude) - flower);
      double after = Math.max(0, in(bloom.bloom(), day.minusDays(AFTER_DAYS), latitude) - flower);
      odds.put(YearStage.FLOWER, FLOWERS * flower);
      odds.put(YearStage.BUD, FLOWERS * bud * (1 - rest / 2));
      odds.put(YearStage.AFTER_FLOWER, FLOWERS / 2 * after);
    }
    if (bloom != null && bloom.counted()) {
      double chill = in(bloom.when(), day, latitude) * (1 - odds.get(YearStage.FLOWER));
      odds.put(YearStage.CHILL, chill / 2);
      odds.computeIfPresent(YearStage.REST, (stage, chance) -> chance * (1 - chill / 2));
    }
    crowd(odds);
    return odds;
  }

  /** What adds up to more than is there is thinned alike. */
  private static void crowd(EnumMap<YearStage, Double> odds) {
    double sum = odds.values().stream().mapToDouble(Double::doubleValue).sum();
    if (sum > 1 - LEAST) {
      odds.replaceAll((stage, chance) -> chance * (1 - LEAST) / sum);
    }
  }

  private static void byNights(EnumMap<YearStage, Double> odds, Course course, double nightC) {
    if (course.rest() == Course.RestKind.MOIST_COLD) {
      double asleep = Normal.below((AWAKE - nightC) / 2);
      odds.computeIfPresent(YearStage.REST, (s, chance) -> chance * (0.2 + 0.8 * asleep));
    }
    BloomYear bloom = course.bloom();
    if (bloom != null && bloom.counted()) {
      double cold = Normal.below((bloom.below() + 1 - nightC) / 1.5);
      odds.computeIfPresent(YearStage.CHILL, (s, chance) -> chance * cold);
      odds.computeIfPresent(YearStage.BUD, (s, chance) -> chance * (0.3 + 0.7 * cold));
    }
  }

  /** Share of the days about a day that lie in some months. */
  private static double in(Months months, LocalDate day, double latitude) {
    if (months == null) {
      return 0;
    }
    int inside = 0;
    for (int off = -SOFT_DAYS; off <= SOFT_DAYS; off++) {
      inside += months.contain(day.plusDays(off), latitude) ? 1 : 0;
    }
    return (double) inside / (2 * SOFT_DAYS + 1);
  }

  public double of(YearStage stage) {
    return odds.getOrDefault(stage, 0.0);
  }

  /** The likeliest stage. */
  public YearStage likeliest() {
    return odds.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(YearStage.GROWTH);
  }

  /** How it is watered by where it stands in its year. */
  public Watered water(Course course) {
    if (of(YearStage.REST) + of(YearStage.CHILL) < 0.5 || course.rest() == Course.RestKind.NONE) {
      return Watered.USUAL;
    }
    return switch (course.rest()) {
      case DRY -> Watered.DRY;
      case COOL -> Watered.DRIER;
      case MOIST_COLD -> Watered.DAMP;
      case NONE -> Watered.USUAL;
    };
  }

  /** How a plant is watered through its year. */
  public enum Watered {
    USUAL("usual"),
    DRIER("drier"),
    DRY("dry"),
    DAMP("damp");

    private final String id;

    Watered(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }
}
