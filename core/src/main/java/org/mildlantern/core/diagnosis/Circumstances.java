package org.mildlantern.core.diagnosis;

import java.time.LocalDate;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.core.air.Air;
import org.mildlantern.core.air.Leaf;
import org.mildlantern.core.chance.Normal;
import org.mildlantern.core.knowledge.Bears;
import org.mildlantern.core.knowledge.Condition;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;

/**
 * What the records say of a plant, by context field: numbers in the field's unit, choices by word,
 * and the causes of open cases near it. A field that is not there is simply not known.
 *
 * @param overruled conditions that the keeper says do not hold, whatever the records say
 * @param doubt how unsure what was worked out or read is
 */
public record Circumstances(
    Map<String, Double> numbers,
    Map<String, String> choices,
    Set<String> neighbourCauses,
    Set<String> overruled,
    Doubt doubt) {
  /** The field of what plants near it have. */
  public static final String NEIGHBOURS = "neighbour-causes";

  private static final Words WORDS = Words.of(Circumstances.class);

  /** Chances beyond these are as good as sure. */
  private static final double HARDLY = 0.05;

  private static final double EVEN = 0.5;

  /** No air is drier, %. */
  private static final double LEAST_HUMID = 1;

  /** Light of a cellar, mol/m² a day. */
  private static final double DARK = 0.05;

  /**
   * Fields that say the same thing: what is told of one goes before what records say of another.
   */
  private static final Set<String> LIGHT =
      Set.of("place-light", "light-mean", "light-season", "light-lux", "light-ppfd");

  /** Volume of a tapered round pot as high as wide, of the cube of its width. Rule of thumb. */
  private static final double POT_OF_ITS_WIDTH = 0.6;

  /** What signs of the medium say of it. */
  private static final Map<String, String> FELT =
      Map.of("medium-soggy", "wet", "medium-dust-dry", "dry");

  /** Records that no longer count once the medium was felt wet, or dry. */
  private static final Map<String, Set<String>> OVERRULED_BY =
      Map.of("wet", Set.of("dry-days", "days-since-watering"), "dry", Set.of("wet-days"));

  /** The middle of what keepers call so, °C, and how far it spreads. Rule of thumb. */
  private static final Map<String, Double> WARMTH =
      Map.of("cold", 8.0, "cool", 14.0, "warm", 23.0, "hot", 30.0);

  private static final double WARMTH_SPREAD = 3;

  /** Of daylight, lux for each µmol/m²/s (Thimijan & Heins 1983). */
  private static final double LUX_OF_A_MICROMOL = 54;

  /** Fewer waterings in two weeks tell no rhythm. Rule of thumb. */
  private static final int ENOUGH_WATERINGS = 3;

  public static final Circumstances UNKNOWN = new Circumstances(Map.of(), Map.of(), Set.of());

  public Circumstances {
    numbers = Map.copyOf(numbers);
    choices = Map.copyOf(choices);
    neighbourCauses = Set.copyOf(neighbourCauses);
    overruled = Set.copyOf(overruled);
  }

  public Circumstances(
      Map<String, Double> numbers, Map<String, String> choices, Set<String> neighbourCauses) {
    this(numbers, choices, neighbourCauses, Doubt.NONE);
  }

  public Circumstances(
      Map<String, Double> numbers,
      Map<String, String> choices,
      Set<String> neighbourCauses,
      Doubt doubt) {
    this(numbers, choices, neighbourCauses, Set.of(), doubt);
  }

  /**
   * A word of which only this is known.
   *
   * @param sure how likely it was meant, above 0 and up to 1
   */
  public static Circumstances heard(String field, String word, double sure) {
    return new Circumstances(
        Map.of(),
        Map.of(field, word),
        Set.of(),
        new Doubt(Map.of(), Map.of(), sure < 1 ? Map.of(field, sure) : Map.of()));
  }

  /** The same records, of which these conditions are not to count. */
  public Circumstances overruling(Set<String> conditions) {
    return new Circumstances(numbers, choices, neighbourCauses, conditions, doubt);
  }

  /** The same records and what else is told; what is told of a field that was known replaces it. */
  public Circumstances telling(Circumstances told) {
    Set<String> fields = new HashSet<>(told.numbers.keySet());
    fields.addAll(told.choices.keySet());
    if (!Collections.disjoint(fields, LIGHT)) {
      fields.addAll(LIGHT);
    }
    Circumstances rest = without(fields);
    Map<String, Double> figures = new LinkedHashMap<>(rest.numbers);
    Map<String, String> words = new LinkedHashMap<>(rest.choices);
    Set<String> near = new LinkedHashSet<>(neighbourCauses);
    figures.putAll(told.numbers);
    words.putAll(told.choices);
    near.addAll(told.neighbourCauses);
    return new Circumstances(figures, words, near, overruled, rest.doubt.hearing(told.doubt));
  }

  /**
   * The same records with how the medium was felt, which is the surest of all: what was read before
   * and says otherwise no longer counts.
   */
  Circumstances felt(List<Finding> findings) {
    Map<String, String> words = new LinkedHashMap<>(choices);
    Map<String, Double> left = new LinkedHashMap<>(numbers);
    for (Finding finding : findings) {
      String moisture = FELT.get(finding.sign());
      if (finding.present() && finding.isSure() && moisture != null) {
        words.put("felt", moisture);
        words.computeIfPresent(
            "last-moisture", (field, last) -> last.equals(moisture) ? last : null);
        left.keySet().removeAll(OVERRULED_BY.get(moisture));
      }
    }
    return new Circumstances(left, words, neighbourCauses, overruled, doubt);
  }

  /** The same records without these fields. */
  Circumstances without(Set<String> fields) {
    Map<String, String> words = new LinkedHashMap<>(choices);
    Map<String, Double> left = new LinkedHashMap<>(numbers);
    words.keySet().removeAll(fields);
    left.keySet().removeAll(fields);
    return new Circumstances(left, words, neighbourCauses, overruled, doubt.without(fields));
  }

  /** Whether something is known of a field. */
  boolean knows(String field) {
    return numbers.containsKey(field) || choices.containsKey(field);
  }

  /** Adds the fields that follow from the others, the day and the taxon's wishes. */
  public Circumstances derived(Kind kind, LocalDate day, double latitude) {
    return derived(kind, Optional.empty(), day, latitude);
  }

  /**
   * The same with what follows from what the kind bears.
   *
   * @param bears empty while that is not known
   */
  Circumstances derived(Kind kind, Optional<Bears> bears, LocalDate day, double latitude) {
    if (choices.containsKey("warmth-said") && !numbers.containsKey("temperature")) {
      return byTheWord().derived(kind, bears, day, latitude);
    }
    Map<String, String> words = new LinkedHashMap<>(choices);
    Derived more = new Derived(this);
    words.put("season", Season.of(day, latitude).id());
    byItsWay(more, kind, day, latitude);
    light().ifPresent(light -> words.putIfAbsent("place-light", light));
    if (numbers.containsKey("humidity")) {
      words.remove("air-said");
    }
    if (kind.taxon().isPresent()) {
      words.put("salt-shy", kind.taxon().get().saltShy() ? "yes" : "no");
      words.put("rests-now", kind.restsOn(day, latitude) ? "yes" : "no");
      byItsWishes(more, kind.taxon().get(), words.get("place-light"));
    }
    bears.ifPresent(its -> byWhatItBears(more, its));
    more.of("vpd", "temperature", "humidity", (celsius, rh) -> air(celsius, rh).vpd());
    if (numbers.getOrDefault("mistings-in-14-days", 0.0) > 0) {
      more.of(
          "leaf-wet-hours",
          "temperature",
          "humidity",
          (celsius, rh) -> Leaf.IN_A_ROOM.hoursWet(air(celsius, rh)));
    }
    more.of(
        "water-share",
        "water-amount",
        "pot-width",
        (amount, width) -> amount / (POT_OF_ITS_WIDTH * width * width * width));
    more.of("swing", "warmest", "coldest", (warmest, coldest) -> warmest - coldest);
    more.of("loss-ratio", "loss", "loss-normal", (loss, normal) -> loss / normal);
    more.of("medium-share", "medium-age", "medium-life", (age, life) -> age / life);
    return new Circumstances(more.numbers(), words, neighbourCauses, overruled, more.doubt());
  }

  /** How warm the place is where nobody measured, as unsure as the word for it. */
  private Circumstances byTheWord() {
    Map<String, Double> figures = new LinkedHashMap<>(numbers);
    figures.put("temperature", WARMTH.get(choices.get("warmth-said")));
    double spread = WARMTH_SPREAD / doubt.meant("warmth-said");
    return new Circumstances(
        figures, choices, neighbourCauses, overruled, doubt.with("temperature", spread));
  }

  private void byItsWishes(Derived more, Taxon taxon, String light) {
    more.of("cold-short", "temperature", celsius -> taxon.coldestWished() - celsius);
    more.of("heat-over", "temperature", celsius -> celsius - taxon.warmestWished());
    more.of("night-short", "coldest", celsius -> taxon.coldestWished() - celsius);
    more.of("day-over", "warmest", celsius -> celsius - taxon.warmestWished());
    more.of("humidity-short", "humidity", humidity -> taxon.humidity() - humidity);
    if (taxon.flowerWeeks() != null) {
      more.of("flower-share", "days-in-flower", days -> days / (7.0 * taxon.flowerWeeks()));
    }
    LightClass wished = LightClass.of(taxon.light());
    if (numbers.containsKey("light-mean")) {
      more.of(
          "light-over",
          "light-mean",
          mean -> LightClass.position(Math.max(DARK, mean)) - wished.ordinal());
    } else if (light != null) {
      more.by("place-light", "light-over", LightClass.of(light).above(wished));
    }
  }

  private static void byWhatItBears(Derived more, Bears bears) {
    Double peak = more.of("light-ppfd");
    more.of("sun-share", "direct-hours", hours -> bears.sun(hours, peak));
    more.limit("light-over", "light-season", dli -> bears.lightOver(Math.max(DARK, dli)));
    more.of("salt-share", "pore-ec", ec -> ec / bears.saltsMsCm());
    more.of("lime-share", "water-alkalinity", lime -> lime / bears.limePpm());
    if (bears.nitrogenPpm() != null) {
      more.of("nitrogen-share", "nitrogen-mean", ppm -> ppm / bears.nitrogenPpm());
    }
  }

  /** Air as near to these figures as there can be. */
  private static Air air(double celsius, double humidity) {
    return new Air(
        Math.max(-50, Math.min(60, celsius)), Math.max(LEAST_HUMID, Math.min(100, humidity)));
  }

  /** The step of light of its stand, or that a reading at noon falls into. */
  private Optional<String> light() {
    Double mean = numbers.get("light-mean");
    Double lux = numbers.get("light-lux");
    Double ppfd = numbers.getOrDefault("light-ppfd", lux == null ? null : lux / LUX_OF_A_MICROMOL);
    return Optional.ofNullable(mean)
        .map(LightClass::ofMean)
        .or(() -> Optional.ofNullable(ppfd).map(LightClass::ofNoon))
        .map(light -> light.name().toLowerCase(Locale.ROOT));
  }

  /** Times against those that are usual for its kind and way of life. */
  private void byItsWay(Derived more, Kind kind, LocalDate day, double latitude) {
    Integer between = wateredEvery(kind, day, latitude);
    share(more, "unwatered-share", "days-since-watering", between);
    rhythm(more, between);
    share(more, "repot-share", "days-since-repot", kind.way().settlesDays());
    share(more, "unpotted-share", "days-since-repot", kind.way().repotDays());
  }

  /** Days between looks at its pot that are usual for its kind at the stage that was noted. */
  Integer wateredEvery(Kind kind, LocalDate day, double latitude) {
    return kind.habits().checkDaysOn(day, latitude, resting(kind, day, latitude));
  }

  boolean resting(Kind kind, LocalDate day, double latitude) {
    Stage stage = Stage.of(choices.getOrDefault("stage", "")).orElse(Stage.GROWTH);
    return kind.resting(stage, day, latitude);
  }

  /** As it is told, else as it was counted. */
  private static void rhythm(Derived more, Integer between) {
    Double waterings = more.of("waterings-in-14-days");
    if (more.of("watering-every") != null) {
      share(more, "watering-share", "watering-every", between);
    } else if (between != null && waterings != null && waterings >= ENOUGH_WATERINGS) {
      more.of("watering-share", "waterings-in-14-days", times -> 14 / times / between);
    }
  }

  private static void share(Derived more, String share, String field, Integer of) {
    if (of != null) {
      more.of(share, field, value -> value / of);
    }
  }

  /**
   * The chance that a condition holds, by how unsure its field is; 0 where nothing is known of it.
   *
   * @param causeId the cause that neighbours may have, for conditions about them; else null
   */
  public double chance(Condition condition, String causeId) {
    if (overruled.contains(condition.id())) {
      return 0;
    }
    if (condition.holdsCause()) {
      return neighbourCauses.contains(causeId) ? 1 : 0;
    }
    if (condition.is() != null) {
      String word = choices.get(condition.field());
      double chance = doubt.chance(condition.field());
      double meant = doubt.meant(condition.field());
      return sure(word == null ? 0 : meant * (condition.is().equals(word) ? chance : 1 - chance));
    }
    Double value = numbers.get(condition.field());
    return value == null
        ? 0
        : sure(
            doubt.meant(condition.field())
                * within(
                    value,
                    doubt.spread(condition.field()),
                    condition.atLeast() == null ? Double.NEGATIVE_INFINITY : condition.atLeast(),
                    condition.atMost() == null ? Double.POSITIVE_INFINITY : condition.atMost()));
  }

  private static double within(double value, double spread, double least, double most) {
    return spread == 0
        ? value >= least && value <= most ? 1 : 0
        : Normal.below((most - value) / spread) - Normal.below((least - value) / spread);
  }

  private static double sure(double chance) {
    return chance < HARDLY ? 0 : chance > 1 - HARDLY ? 1 : chance;
  }

  /** Whether the condition is likelier to hold than not; unknown fields never hold. */
  public boolean holds(Condition condition, String causeId) {
    return chance(condition, causeId) >= EVEN;
  }

  /** What a condition says, with how likely that is where it is not sure. */
  String label(Condition condition, String causeId) {
    double chance = chance(condition, causeId);
    return chance == 1
        ? condition.label()
        : WORDS.say("likely", condition.label(), Decibans.percent(chance));
  }

  /** The value of a field as a word or number, or null. */
  String value(String field) {
    if (choices.containsKey(field)) {
      return choices.get(field);
    }
    Double number = numbers.get(field);
    return number == null ? null : Decibans.number(number);
  }
}
