package org.mildlantern.core.water;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mildlantern.core.knowledge.Habits;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Living;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.WaterLine.Fact;
import org.mildlantern.core.knowledge.WaterLine.Way;
import org.mildlantern.core.knowledge.Watering;

/** How to water a plant, by its kind, its stage and its pot: which lines of the knowledge hold. */
public final class HowToWater {
  /** Below this, °C, water is given later and less. Rule of thumb. */
  private static final double COLD = 14;

  /** Hours within which leaves must be dry. Rule of thumb. */
  private static final double LIMIT_HOURS = 4;

  /** Longer than this the hours are not told. */
  private static final double HALF_A_DAY = 12;

  private static final double FILM_MM = 0.2;
  private static final double MM_PER_KPA = 0.06;
  private static final double MOVING = 3;

  /** The share of a full drink for a pot out of which nothing runs. Rule of thumb. */
  private static final double WITHOUT_HOLES = 0.75;

  private HowToWater() {}

  /**
   * What is known of the pot and the day.
   *
   * @param holes whether water can drain, or null when it is not known
   * @param outer whether it stands in an outer pot, or null when it is not known
   * @param drinkMl a full drink, or null when the pot is not known
   * @param bone whether the medium is very dry
   * @param standing what it stands in or draws from, or null for nothing
   * @param air of its place
   */
  public record Pot(
      Boolean holes,
      Boolean outer,
      boolean mounted,
      Double drinkMl,
      boolean bone,
      Stands standing,
      Air air) {}

  /** Water that a pot stands in or draws from, with its full level, and whether it is left off. */
  public record Stands(Standing.Kind kind, Standing.Level level, boolean off) {}

  /** The air about a plant; temperature in °C and humidity in % may be null. */
  public record Air(Double celsius, Double humidity, boolean moving) {

    /**
     * Hours in which a film of water dries off leaves: a fifth of a millimetre, at 0.06 mm an hour
     * for each kPa of vapour pressure deficit in still air and three times that where air moves.
     * Rule of thumb in the form of Dalton's law.
     */
    public double dryingHours() {
      double deficit =
          Demand.of(celsius == null ? 20 : celsius, humidity == null ? 50 : humidity, 0).vpd();
      return FILM_MM / (Math.max(0.05, deficit) * MM_PER_KPA * (moving ? MOVING : 1));
    }
  }

  /**
   * The lines in the order of doing.
   *
   * @param living how it lives at its stage
   * @param resting whether it rests, by what was noted or by the calendar
   */
  public static List<String> of(
      Media knowledge, Kind kind, Living living, boolean resting, Pot pot) {
    Way way = way(kind, pot);
    Set<Fact> facts = facts(kind, resting, pot);
    Map<String, Object> figures = figures(pot);
    return knowledge.how().stream()
        .filter(line -> line.fits(living, way, facts))
        .map(line -> line.say().say(figures))
        .toList();
  }

  private static Way way(Kind kind, Pot pot) {
    if (kind.water() == Watering.SOAK) {
      return Way.SOAKED;
    }
    if (kind.water() == Watering.CUP) {
      return Way.CUP;
    }
    if (kind.water() == Watering.AFLOAT) {
      return Way.BOWL;
    }
    if (pot.standing() != null) {
      return switch (pot.standing().kind()) {
        case TRAY -> Way.TRAY;
        case RESERVOIR -> Way.RESERVOIR;
        case WICK -> Way.WICK;
        case NONE -> throw new IllegalArgumentException("standing: in nothing");
      };
    }
    if (kind.water() == Watering.WET_FEET) {
      return Way.BOG;
    }
    return pot.mounted() ? Way.MOUNT : Way.POT;
  }

  private static Set<Fact> facts(Kind kind, boolean resting, Pot pot) {
    double hours = pot.air().dryingHours();
    Set<Fact> facts = EnumSet.noneOf(Fact.class);
    add(facts, Fact.RESTING, resting);
    add(facts, Fact.VERY_DRY, pot.bone());
    add(facts, Fact.DRINK_KNOWN, pot.drinkMl() != null);
    add(facts, Fact.NO_HOLES, Boolean.FALSE.equals(pot.holes()));
    add(facts, Fact.HOLES_NOT_KNOWN, pot.holes() == null);
    add(facts, Fact.OUTER_POT, Boolean.TRUE.equals(pot.outer()));
    add(facts, Fact.SALT_SHY, kind.shyOf(Habits.Shy.SALTS));
    add(facts, Fact.COLD, pot.air().celsius() != null && pot.air().celsius() < COLD);
    add(facts, Fact.LEFT_OFF, pot.standing() != null && pot.standing().off());
    add(facts, Fact.DRIES_IN_HOURS, hours <= HALF_A_DAY);
    add(facts, Fact.DRIES_SLOWLY, hours > LIMIT_HOURS);
    return facts;
  }

  private static void add(Set<Fact> facts, Fact fact, boolean holds) {
    if (holds) {
      facts.add(fact);
    }
  }

  private static Map<String, Object> figures(Pot pot) {
    Map<String, Object> figures = new HashMap<>();
    figures.put("limit", LIMIT_HOURS);
    figures.put("hours", pot.air().dryingHours());
    figures.put("air", pot.air().moving() ? "moving" : "still");
    if (pot.standing() != null) {
      figures.put("ml", rounded(pot.standing().level().ml()));
      figures.put("cm", pot.standing().level().cm());
    } else if (pot.drinkMl() != null) {
      figures.put("ml", rounded(pot.drinkMl()));
      figures.put("part", rounded(pot.drinkMl() * WITHOUT_HOLES));
    }
    return figures;
  }

  private static long rounded(double millilitres) {
    return millilitres < 100
        ? Math.max(5, 5 * Math.round(millilitres / 5))
        : 10 * Math.round(millilitres / 10);
  }
}
