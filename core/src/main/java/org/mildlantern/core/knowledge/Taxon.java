package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;

/**
 * A kind of plant and what it wishes.
 *
 * @param like the entry from which this one takes what it leaves out, or null
 * @param parents of a hybrid
 * @param temperature wished least and greatest air temperature, °C
 * @param humidity least wished relative humidity, %
 * @param water how it likes to be watered
 * @param checkDays days between looks at the medium: in growth, at rest, and in winter where it
 *     neither grows nor rests then (rule of thumb)
 * @param way the way of life, where form and water do not tell it; else null
 * @param copperShy hurt by copper fungicides
 * @param oilShy hurt by oils and soaps: thin, hairy or waxy leaves, or traps
 * @param flowerWeeks usual life of a flower or flower head, or null when not known
 * @param prone causes that are more or less likely than in other kinds of its form
 */
public record Taxon(
    String id,
    String name,
    String rank,
    String like,
    String group,
    String form,
    List<String> synonyms,
    List<String> common,
    List<String> parents,
    String light,
    List<Double> temperature,
    double humidity,
    Watering water,
    List<Integer> checkDays,
    Rest rest,
    String way,
    boolean saltShy,
    boolean copperShy,
    boolean oilShy,
    Feed feed,
    Sheds sheds,
    Integer flowerWeeks,
    boolean edible,
    Map<String, Factor> prone) {

  public Taxon {
    synonyms = synonyms == null ? List.of() : synonyms;
    common = common == null ? List.of() : common;
    parents = parents == null ? List.of() : parents;
    prone = prone == null ? Map.of() : prone;
  }

  /** The genus of its accepted name, without the sign of a hybrid. */
  public String genus() {
    return genusOf(name);
  }

  static String genusOf(String name) {
    return name.replace("×", "").strip().split(" ")[0];
  }

  public double coldestWished() {
    return temperature.get(0);
  }

  public double warmestWished() {
    return temperature.get(1);
  }

  public Habits habits() {
    return new Habits(water, checkDays, rest, Usual.shy(saltShy, copperShy, oilShy), feed, sheds);
  }

  /** What hurts it, in words; empty when nothing in particular does. */
  public List<String> shyOf() {
    return habits().shy().stream().sorted().map(Habits.Shy::label).toList();
  }

  /** Strength of feed in growth, in ppm of nitrogen each time. Rule of thumb. */
  public enum Feed {
    @JsonProperty("none")
    NONE("none at the roots"),
    @JsonProperty("weak")
    WEAK("weak, about 50 ppm N"),
    @JsonProperty("medium")
    MEDIUM("medium, about 100 ppm N"),
    @JsonProperty("strong")
    STRONG("strong, about 150 ppm N");

    private final String label;

    Feed(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** How it loses leaves when it is well. */
  public enum Sheds {
    @JsonProperty("keeps")
    KEEPS("the oldest, one by one"),
    @JsonProperty("exchange")
    EXCHANGE("one for each new one"),
    @JsonProperty("half")
    HALF("part of them in a cold or dry season"),
    @JsonProperty("all")
    ALL("all before its rest"),
    @JsonProperty("dies-down")
    DIES_DOWN("all; it dies down to bulb, tuber or bud"),
    @JsonProperty("on-move")
    ON_MOVE("many after a change of place");

    private final String label;

    Sheds(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }
}
