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
 * @param predators what it does to released ones, in words
 * @param harmsPredators days for which released ones must stay away after it; 0 spares them
 * @param people what people must wear or mind
 * @param hazards what it can do to people, animals and water
 * @param legal free, restricted or professional
 * @param product whether it comes out of a bottle with a label, so that it has a dose
 * @param use how it is used and what that asks for
 * @param bounds how often it may be used and what must lie between
 * @param mostPerLitre the strongest that labels of such products are known to ask for, or null
 * @param ruins what must not be treated with it: copper-shy plants, traps, plants in reach of bees
 * @param hurts what had better not be treated with it
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
    int harmsPredators,
    String people,
    List<Hazard> hazards,
    Legal legal,
    boolean product,
    Use use,
    Bounds bounds,
    Most mostPerLitre,
    List<String> ruins,
    List<String> hurts,
    List<String> conditions,
    List<String> sources) {

  /** Days until a leaf shows harm. Rule of thumb. */
  private static final int PATCH_DAYS = 2;

  private static final String SPRAY = "spray";
  private static final String SOIL = "soil";
  private static final String SYSTEMIC = "systemic";

  public Means {
    legal = legal == null ? Legal.FREE : legal;
    hazards = hazards == null ? List.of() : hazards;
    ruins = ruins == null ? List.of() : ruins;
    hurts = hurts == null ? List.of() : hurts;
    use = use == null ? Use.PLAIN : use;
  }

  /**
   * Work on later days.
   *
   * @param from first day after the visit
   * @param to last day after the visit
   * @param share of its strength that works anew on each day
   */
  public record Lasting(int from, int to, double share) {}

  /**
   * How often a means may be used; the careful end of what labels of such products print. A label
   * that is stricter wins.
   *
   * @param leastDays between two uses
   * @param mostUses in one course, or null
   * @param seasonMost in twelve months on one plant, or null
   * @param inRow uses one after the other before it rests, or null
   * @param restFromSprays days between it and any other spray on the leaf, or null for the usual
   * @param gapAfter days between it and another means, either way, by id
   * @param notWith means that never go on at the same visit
   */
  public record Bounds(
      int leastDays,
      Integer mostUses,
      Integer seasonMost,
      InRow inRow,
      Integer restFromSprays,
      Map<String, Integer> gapAfter,
      List<String> notWith) {
    public Bounds {
      gapAfter = gapAfter == null ? Map.of() : gapAfter;
      notWith = notWith == null ? List.of() : notWith;
    }

    /**
     * The same where a keeper's own label is stricter; what a label does not say may be null.
     *
     * @param labelDays between two uses
     * @param labelMost uses in a year
     */
    public Bounds within(Integer labelDays, Integer labelMost) {
      Integer most =
          seasonMost == null || labelMost != null && labelMost < seasonMost
              ? labelMost
              : seasonMost;
      return new Bounds(
          labelDays == null ? leastDays : Math.max(leastDays, labelDays),
          mostUses,
          most,
          inRow,
          restFromSprays,
          gapAfter,
          notWith);
    }
  }

  /**
   * Uses one after the other, and the rest after them.
   *
   * @param most uses with less than the rest between each two
   * @param rest days without it
   */
  public record InRow(int most, int rest) {}

  /**
   * How strong a mix may be.
   *
   * @param ml of a liquid product in a litre
   * @param g of a solid one in a litre
   */
  public record Most(double ml, double g) {}

  /**
   * How a means is used.
   *
   * @param as spray, drench, swab, dust, bait, wash, bath, cut, care or release
   * @param against how else it is used, by the pests for which that differs
   * @param from least temperature in °C at which it works, or null
   * @param to greatest temperature in °C at which it does no harm, or null
   * @param humidity least relative humidity in % that it wants, or null
   * @param shade whether the plant must be out of sun until it is dry
   * @param wets whether it wets leaves that must be dry by nightfall
   * @param patch whether one leaf is tried first
   * @param patchDays days after which that leaf is read, or null for the usual
   * @param rinseHours hours after which it is rinsed off, or null
   * @param roomsShutHours hours for which people and pets stay out; the label decides
   * @param gear what people wear
   */
  public record Use(
      String as,
      Map<String, String> against,
      Double from,
      Double to,
      Double humidity,
      boolean shade,
      boolean wets,
      boolean patch,
      Integer patchDays,
      Double rinseHours,
      double roomsShutHours,
      boolean flammable,
      List<String> gear) {
    static final Use PLAIN =
        new Use("care", null, null, null, null, false, false, false, null, null, 0, false, null);

    public Use {
      against = against == null ? Map.of() : against;
      gear = gear == null ? List.of() : gear;
    }
  }

  /** Who may use it; the label and local law decide. */
  public enum Legal {
    @JsonProperty("free")
    FREE(""),
    @JsonProperty("restricted")
    RESTRICTED("may be restricted where you live; check what is registered there"),
    @JsonProperty("professional")
    PROFESSIONAL("is mostly for professional use only; check what is registered where you live"),
    @JsonProperty("withdrawn")
    WITHDRAWN(
        "is withdrawn in the European Union and elsewhere; use nothing that is not registered where"
            + " you live");

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
    return group.matches("IRAC (?!11A)\\d.*|FRAC (\\d|P\\d).*") && product;
  }

  /** Days between the first leaf and the whole plant; 0 when no leaf is tried first. */
  public int patchDays() {
    return !use.patch() ? 0 : use.patchDays() == null ? PATCH_DAYS : use.patchDays();
  }

  /** How it is used against a pest, for example as a spray. */
  public String as(String pest) {
    return use.against().getOrDefault(pest, use.as());
  }

  /** Whether it is sprayed out of a bottle, against some pest at least. */
  public boolean sprayed() {
    return product && (use.as().equals(SPRAY) || use.against().containsValue(SPRAY));
  }

  /** Whether it does its work, and no harm, at a warmth in °C. */
  public boolean worksAt(double celsius) {
    return (use.from() == null || celsius >= use.from())
        && (use.to() == null || celsius <= use.to());
  }

  /** Whether it is alive: predators, parasites, nematodes. */
  public boolean released() {
    return use.as().equals("release");
  }

  /** Share of a stage, sitting in a place, that one use kills. */
  public double kills(String pest, String stage, String place) {
    Efficacy efficacy = against.getOrDefault(pest, Map.of()).getOrDefault(stage, Efficacy.NONE);
    return efficacy.share() * reaches(pest, place);
  }

  /**
   * The same of those that sit in the open, or of those that sit hidden for as long as they are in
   * the stage; together they make up what one use kills. What the plant takes up, and what hunts
   * for itself, comes to both alike.
   *
   * @param hiding share of the stage that sits hidden, 0 to 1
   */
  public double kills(String pest, String stage, String place, double hiding, boolean hidden) {
    double all = kills(pest, stage, place);
    double reach = reaches(pest, place);
    if (hiding == 0 || reach == 0 || released() || mode.equals(SYSTEMIC)) {
      return all;
    }
    double open = 1 - hiding;
    double part = hidden ? Math.max(0, reach - open) / hiding : Math.min(reach, open) / open;
    return all / reach * part;
  }

  /**
   * The share of those in a place that it comes to when it is used as it is against a pest: a spray
   * comes to nothing in the medium, and a drench to nothing else unless the plant takes it up.
   */
  double reaches(String pest, String place) {
    boolean sprayed = as(pest).equals(SPRAY);
    boolean poured = as(pest).equals("drench") && !mode.equals(SYSTEMIC);
    boolean passesBy = place.equals(SOIL) ? sprayed : poured;
    return product && passesBy ? 0 : reach.getOrDefault(place, 0.0);
  }
}
