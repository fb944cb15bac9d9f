package org.mildlantern.core.diagnosis;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.core.air.Air;
import org.mildlantern.core.air.Leaf;
import org.mildlantern.core.knowledge.Condition;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.season.Stage;

/**
 * What the records say of a plant, by context field: numbers in the field's unit, choices by word,
 * and the causes of open cases near it. A field that is not there is simply not known.
 *
 * @param overruled conditions that the keeper says do not hold, whatever the records say
 */
public record Circumstances(
    Map<String, Double> numbers,
    Map<String, String> choices,
    Set<String> neighbourCauses,
    Set<String> overruled) {

  /** Volume of a tapered round pot as high as wide, of the cube of its width. Rule of thumb. */
  private static final double POT_OF_ITS_WIDTH = 0.6;

  /** What signs of the medium say of it. */
  private static final Map<String, String> FELT =
      Map.of("medium-soggy", "wet", "medium-dust-dry", "dry");

  /** Records that no longer count once the medium was felt wet, or dry. */
  private static final Map<String, Set<String>> OVERRULED_BY =
      Map.of("wet", Set.of("dry-days", "days-since-watering"), "dry", Set.of("wet-days"));

  /** Of daylight, lux for each µmol/m²/s (Thimijan & Heins 1983). */
  private static final double LUX_OF_A_MICROMOL = 54;

  public static final Circumstances UNKNOWN = new Circumstances(Map.of(), Map.of(), Set.of());

  public Circumstances {
    numbers = Map.copyOf(numbers);
    choices = Map.copyOf(choices);
    neighbourCauses = Set.copyOf(neighbourCauses);
    overruled = Set.copyOf(overruled);
  }

  public Circumstances(
      Map<String, Double> numbers, Map<String, String> choices, Set<String> neighbourCauses) {
    this(numbers, choices, neighbourCauses, Set.of());
  }

  /** The same records, of which these conditions are not to count. */
  public Circumstances overruling(Set<String> conditions) {
    return new Circumstances(numbers, choices, neighbourCauses, conditions);
  }

  /** The same records and what else is told; what is told of a field that was known replaces it. */
  public Circumstances telling(Circumstances told) {
    Map<String, Double> figures = new LinkedHashMap<>(numbers);
    Map<String, String> words = new LinkedHashMap<>(choices);
    Set<String> near = new LinkedHashSet<>(neighbourCauses);
    figures.putAll(told.numbers);
    words.putAll(told.choices);
    near.addAll(told.neighbourCauses);
    return new Circumstances(figures, words, near, overruled);
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
      if (finding.present() && moisture != null) {
        words.put("felt", moisture);
        words.computeIfPresent(
            "last-moisture", (field, last) -> last.equals(moisture) ? last : null);
        left.keySet().removeAll(OVERRULED_BY.get(moisture));
      }
    }
    return new Circumstances(left, words, neighbourCauses, overruled);
  }

  /** The same records without these fields. */
  Circumstances without(Set<String> fields) {
    Map<String, String> words = new LinkedHashMap<>(choices);
    Map<String, Double> left = new LinkedHashMap<>(numbers);
    words.keySet().removeAll(fields);
    left.keySet().removeAll(fields);
    return new Circumstances(left, words, neighbourCauses, overruled);
  }

  /** Whether something is known of a field. */
  boolean knows(String field) {
    return numbers.containsKey(field) || choices.containsKey(field);
  }

  /** Adds the fields that follow from the others, the day and the taxon's wishes. */
  public Circumstances derived(Kind kind, LocalDate day, double latitude) {
    Map<String, Double> more = new LinkedHashMap<>(numbers);
    Map<String, String> words = new LinkedHashMap<>(choices);
    Season season = Season.of(day, latitude);
    words.put("season", season.id());
    byItsWay(more, kind, day, latitude);
    light().ifPresent(light -> words.putIfAbsent("place-light", light));
    if (numbers.containsKey("humidity")) {
      words.remove("air-said");
    }
    if (kind.taxon().isPresent()) {
      Taxon taxon = kind.taxon().get();
      words.put("salt-shy", taxon.saltShy() ? "yes" : "no");
      words.put("rests-now", kind.restsOn(day, latitude) ? "yes" : "no");
      Double temperature = numbers.get("temperature");
      if (temperature != null) {
        more.put("cold-short", taxon.coldestWished() - temperature);
        more.put("heat-over", temperature - taxon.warmestWished());
      }
      Double coldest = numbers.get("coldest");
      if (coldest != null) {
        more.put("night-short", taxon.coldestWished() - coldest);
      }
      Double warmest = numbers.get("warmest");
      if (warmest != null) {
        more.put("day-over", warmest - taxon.warmestWished());
      }
      Double flowering = numbers.get("days-in-flower");
      if (flowering != null && taxon.flowerWeeks() != null) {
        more.put("flower-share", flowering / (7.0 * taxon.flowerWeeks()));
      }
      if (words.containsKey("place-light")) {
        more.put(
            "light-over",
            (double) LightClass.of(words.get("place-light")).above(LightClass.of(taxon.light())));
      }
      Double humidity = numbers.get("humidity");
      if (humidity != null) {
        more.put("humidity-short", taxon.humidity() - humidity);
      }
    }
    byItsAir(more);
    Double amount = numbers.get("water-amount");
    Double width = numbers.get("pot-width");
    if (amount != null && width != null) {
      more.put("water-share", amount / (POT_OF_ITS_WIDTH * width * width * width));
    }
    if (numbers.containsKey("coldest") && numbers.containsKey("warmest")) {
      more.put("swing", numbers.get("warmest") - numbers.get("coldest"));
    }
    Double loss = numbers.get("loss");
    Double normal = numbers.get("loss-normal");
    if (loss != null && normal != null && normal > 0) {
      more.put("loss-ratio", loss / normal);
    }
    Double age = numbers.get("medium-age");
    Double life = numbers.get("medium-life");
    if (age != null && life != null && life > 0) {
      more.put("medium-share", age / life);
    }
    return new Circumstances(more, words, neighbourCauses, overruled);
  }

  /** What warmth and humidity do together to leaves. */
  private void byItsAir(Map<String, Double> more) {
    Double celsius = numbers.get("temperature");
    Double humidity = numbers.get("humidity");
    if (celsius == null || humidity == null || humidity <= 0) {
      return;
    }
    Air air = new Air(celsius, humidity);
    more.put("vpd", air.vpd());
    if (numbers.getOrDefault("mistings-in-14-days", 0.0) > 0) {
      more.put("leaf-wet-hours", Leaf.IN_A_ROOM.hoursWet(air));
    }
  }

  /** The step of light that a reading at noon falls into. */
  private Optional<String> light() {
    Double lux = numbers.get("light-lux");
    Double ppfd = numbers.getOrDefault("light-ppfd", lux == null ? null : lux / LUX_OF_A_MICROMOL);
    return Optional.ofNullable(ppfd)
        .map(LightClass::ofNoon)
        .map(light -> light.name().toLowerCase(Locale.ROOT));
  }

  /** Times against those that are usual for its kind and way of life. */
  private void byItsWay(Map<String, Double> more, Kind kind, LocalDate day, double latitude) {
    Stage stage = Stage.of(choices.getOrDefault("stage", "")).orElse(Stage.GROWTH);
    boolean resting = kind.resting(stage, day, latitude);
    share(
        more,
        "unwatered-share",
        "days-since-watering",
        kind.habits().checkDaysOn(day, latitude, resting));
    share(
        more,
        "watering-share",
        "watering-every",
        kind.habits().checkDaysOn(day, latitude, resting));
    share(more, "repot-share", "days-since-repot", kind.way().settlesDays());
    share(more, "unpotted-share", "days-since-repot", kind.way().repotDays());
  }

  private void share(Map<String, Double> more, String share, String field, Integer of) {
    Double value = numbers.get(field);
    if (value != null && of != null) {
      more.put(share, value / of);
    }
  }

  /**
   * Whether the condition holds; unknown fields never hold.
   *
   * @param causeId the cause that neighbours may have, for conditions about them; else null
   */
  public boolean holds(Condition condition, String causeId) {
    if (overruled.contains(condition.id())) {
      return false;
    }
    if (condition.holdsCause()) {
      return neighbourCauses.contains(causeId);
    }
    if (condition.is() != null) {
      return condition.is().equals(choices.get(condition.field()));
    }
    Double value = numbers.get(condition.field());
    return value != null
        && (condition.atLeast() == null || value >= condition.atLeast())
        && (condition.atMost() == null || value <= condition.atMost());
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
