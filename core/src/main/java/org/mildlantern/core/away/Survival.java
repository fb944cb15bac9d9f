package org.mildlantern.core.away;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import org.mildlantern.core.chance.Normal;
import org.mildlantern.core.water.Forecast;
import org.mildlantern.core.water.PotFilter;

/**
 * The chance that a plant is harmed when nobody looks after it for some days.
 *
 * @param asItStands by day from now, index 0 is now; never falling
 * @param watered the same from a full drink
 */
public record Survival(double[] asItStands, double[] watered) {
  /** Days that are told; beyond them the last holds. */
  public static final int DAYS = 120;

  /** Nineteen in twenty lie within so many standard deviations. */
  private static final double BAND = 2;

  /** How much of its time is left of a plant of which it is not known when it last drank. */
  private static final double SOMEWHERE = 0.5;

  /**
   * Of a pot whose drying is followed.
   *
   * @param now its water
   * @param demand of a day to come; the last holds on
   */
  public static Survival of(PotFilter now, double[] demand, Endurance bears) {
    double[] ahead = stretched(demand);
    double[] dry = Forecast.of(now, ahead, bears.level()).dry();
    double[] fromFull = Forecast.of(now.copy().water(), ahead, bears.level()).dry();
    return new Survival(after(dry, bears), after(fromFull, bears));
  }

  /** Of what rests without a drink: it is left untouched. */
  public static Survival untouched() {
    return new Survival(new double[DAYS + 1], new double[DAYS + 1]);
  }

  /** Of what has no such pot, or of whose pot nothing is known. */
  public static Survival unfollowed(Endurance bears) {
    double[] now = new double[DAYS + 1];
    double[] watered = new double[DAYS + 1];
    double mean = (bears.without().get(0) + bears.without().get(1)) / 2.0;
    double spread = (bears.without().get(1) - bears.without().get(0)) / (2 * BAND);
    for (int day = 0; day <= DAYS; day++) {
      watered[day] = Normal.below((day - mean) / spread);
      now[day] = Normal.below((day - SOMEWHERE * mean) / spread);
    }
    return new Survival(now, watered);
  }

  /** The same of what stands in water that lasts for so many days more. */
  public Survival standing(double days) {
    return new Survival(later(asItStands, days), later(watered, days));
  }

  /** The same on a day to come until which it is looked after: somewhere between two drinks. */
  public Survival lookedAfter() {
    double[] between = new double[asItStands.length];
    for (int day = 0; day < between.length; day++) {
      between[day] = (asItStands[day] + watered[day]) / 2;
    }
    return new Survival(between, watered);
  }

  /** The same with each chance as it is told. */
  Survival mapped(DoubleUnaryOperator chance) {
    return new Survival(
        Arrays.stream(asItStands).map(chance).toArray(),
        Arrays.stream(watered).map(chance).toArray());
  }

  private static double[] later(double[] harm, double days) {
    double[] later = new double[harm.length];
    for (int day = 0; day < harm.length; day++) {
      later[day] = at(harm, day - days);
    }
    return later;
  }

  private static double[] stretched(double[] demand) {
    double[] all = new double[DAYS];
    for (int day = 0; day < DAYS; day++) {
      all[day] = demand[Math.min(day, demand.length - 1)];
    }
    return all;
  }

  /** Harm comes some days after the pot is as dry as that; how many differs. */
  private static double[] after(double[] dry, Endurance bears) {
    double[] harm = new double[DAYS + 1];
    int least = bears.days().get(0);
    int most = bears.days().get(1);
    for (int day = 0; day <= DAYS; day++) {
      double sum = 0;
      for (int borne = least; borne <= most; borne++) {
        int since = day - borne;
        sum += since < 0 ? 0 : dry[since];
      }
      harm[day] = sum / (most - least + 1);
    }
    return harm;
  }

  /**
   * The chance of harm.
   *
   * @param days 0 or more
   * @param full whether it sets out from a full drink
   * @param pace how many times as fast its pot dries as it does now
   * @param extra days for which added water lasts
   */
  public double harm(double days, boolean full, double pace, double extra) {
    return at(full ? watered : asItStands, (days - extra) * pace);
  }

  private static double at(double[] harm, double days) {
    if (days <= 0) {
      return harm[0];
    }
    if (days >= harm.length - 1) {
      return harm[harm.length - 1];
    }
    int day = (int) days;
    double part = days - day;
    return harm[day] * (1 - part) + harm[day + 1] * part;
  }

  /** The first day on which harm is as likely as that; −1 where it is not within those told. */
  public int dayOf(double chance) {
    for (int day = 0; day < asItStands.length; day++) {
      if (asItStands[day] >= chance) {
        return day;
      }
    }
    return -1;
  }
}
