package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;

/**
 * A means of treatment, by generic name.
 *
 * @param group resistance group by IRAC or FRAC, or none
 * @param reach share of those in a place that a careful keeper hits, by place
 * @param atOnce whether it works on the day
 * @param lasting how it works on later days, or null
 * @param against how well it kills, by pest and stage
 * @param minutes hands-on time for one plant
 * @param cost of what is used for one plant, in the coins of a small bottle; for comparing only
 * @param harm to plant, people and other life: 0 none, 1 little, 2 some, 3 much
 * @param predators what it does to released ones
 * @param people what people must wear or mind
 * @param legal free, restricted or professional
 * @param hurts what it hurts: oil-shy and tender plants, traps, bees and so on
 */
public record Means(
    String id,
    String label,
    String group,
    String mode,
    Map<String, Double> reach,
    boolean atOnce,
    Lasting lasting,
    Map<String, Map<String, Efficacy>> against,
    double minutes,
    double cost,
    int harm,
    String predators,
    String people,
    Legal legal,
    List<String> hurts,
    List<String> conditions,
    List<String> sources) {

  public Means {
    legal = legal == null ? Legal.FREE : legal;
    hurts = hurts == null ? List.of() : hurts;
  }

  /**
   * Work on later days.
   *
   * @param from first day after the visit
   * @param to last day after the visit
   * @param share of its strength that works anew on each day
   */
  public record Lasting(int from, int to, double share) {}

  /** Who may use it; the label and local law decide. */
  public enum Legal {
    @JsonProperty("free")
    FREE(""),
    @JsonProperty("restricted")
    RESTRICTED("may be restricted where you live; the label decides"),
    @JsonProperty("professional")
    PROFESSIONAL(
        "may be restricted or for professional use only where you live; the label decides");

    private final String note;

    Legal(String note) {
      this.note = note;
    }

    public String note() {
      return note;
    }
  }

  /** Whether using it over and over breeds resistance. */
  public boolean wearsOut() {
    return group.startsWith("IRAC") && legal != Legal.FREE;
  }

  /** Share of a stage, sitting in a place, that one use kills. */
  public double kills(String pest, String stage, String place) {
    Efficacy efficacy = against.getOrDefault(pest, Map.of()).getOrDefault(stage, Efficacy.NONE);
    return efficacy.share() * reach.getOrDefault(place, 0.0);
  }
}
