package org.mildlantern.core.feed;

import java.util.OptionalDouble;

/**
 * Salts in the water of a pot: what comes with water and feed, less what roots take up and what
 * runs out below.
 *
 * <p>Water that runs through pushes the old out of the pores that it finds, an exponential
 * wash-out; the rest of the pot holds its salts back until they have spread again. In the long run
 * the water in a pot that is watered with the same run-through each time comes to what goes in over
 * the share that runs out (Ayers & Westcot 1985).
 *
 * <p>Conductivity stands for the salts, as they add up nearly alike: mS/cm × ml.
 *
 * @param holdsMl water that the pot holds when it has drained
 * @param waterMl water in it
 * @param salt mS/cm × ml
 */
public record PotSalts(double holdsMl, double waterMl, double salt) {
  /** Share of a medium’s pores that water running through passes by. Rule of thumb. */
  private static final double PASSED_BY = 0.3;

  /** Nobody flushes a pot with more. */
  private static final int MOST_PORTIONS = 30;

  /** Roots leave so much behind, however little there is: a pot is never quite dry of water. */
  private static final double LEAST_WATER = 0.02;

  public PotSalts {
    if (!(holdsMl > 0 && holdsMl <= 1e6 && waterMl > 0 && waterMl <= holdsMl + 1e-6 && salt >= 0)) {
      throw new IllegalArgumentException("a pot holds water, and has salts of 0 or more");
    }
  }

  /** A pot that was watered through with water of a conductivity, mS/cm. */
  public static PotSalts fresh(double holdsMl, double ecMsCm) {
    return new PotSalts(holdsMl, holdsMl, holdsMl * ecMsCm);
  }

  /** The same with salts that came without water, mS/cm × ml. */
  PotSalts with(double more) {
    return new PotSalts(holdsMl, waterMl, salt + more);
  }

  /** The same with so many times the salts. */
  PotSalts times(double factor) {
    return new PotSalts(holdsMl, waterMl, salt * factor);
  }

  /** Conductivity of the water in it, mS/cm. */
  public double ecMsCm() {
    return salt / waterMl;
  }

  /** The same when it is full of water. */
  public double ecFull() {
    return salt / holdsMl;
  }

  /**
   * After water left by leaves and air.
   *
   * @param ml that left
   * @param uptakeMsCm salts that roots take up with it, mS/cm; at most what is there
   */
  public PotSalts dried(double ml, double uptakeMsCm) {
    double left = Math.max(holdsMl * LEAST_WATER, waterMl - Math.max(0, ml));
    double gone = waterMl - left;
    return new PotSalts(holdsMl, left, Math.max(0, salt - gone * Math.max(0, uptakeMsCm)));
  }

  /**
   * What a watering does.
   *
   * @param drainedMl that ran out below
   * @param drainedSalt that it carried off, mS/cm × ml
   */
  public record Watered(PotSalts pot, double drainedMl, double drainedSalt) {
    /** Of what ran out, mS/cm; 0 when nothing did. */
    public double drainEc() {
      return drainedMl == 0 ? 0 : drainedSalt / drainedMl;
    }
  }

  /** After water was poured on it. */
  public Watered watered(double ml, double ecMsCm) {
    if (!(ml >= 0 && ecMsCm >= 0)) {
      throw new IllegalArgumentException("water is 0 ml or more of 0 mS/cm or more");
    }
    double stays = Math.min(ml, holdsMl - waterMl);
    double water = waterMl + stays;
    double salts = salt + stays * ecMsCm;
    double through = ml - stays;
    double found = holdsMl * (1 - PASSED_BY);
    double washed = found * (salts / water - ecMsCm) * (1 - Math.exp(-through / found));
    double out = through * ecMsCm + washed;
    return new Watered(
        new PotSalts(holdsMl, water, Math.max(0, salts + through * ecMsCm - out)), through, out);
  }

  /** After a flush in portions of what it holds, with time between for what was passed by. */
  PotSalts flushed(double ml, double ecMsCm) {
    PotSalts pot = this;
    for (double left = ml; left > 0; left -= holdsMl) {
      pot = pot.watered(Math.min(left, holdsMl), ecMsCm).pot();
    }
    return pot;
  }

  /**
   * Water that must be flushed through it, in portions of what it holds, to bring its water down to
   * a conductivity, ml; empty where water of such a conductivity cannot.
   */
  public OptionalDouble flushMl(double ecMsCm, double ofWater) {
    if (ecFull() <= ecMsCm) {
      return OptionalDouble.of(0);
    }
    PotSalts pot = this;
    for (int portions = 0; ofWater < ecMsCm && portions < MOST_PORTIONS; portions++) {
      PotSalts next = pot.flushed(holdsMl, ofWater);
      if (next.ecFull() <= ecMsCm) {
        return OptionalDouble.of(portions * holdsMl + pot.within(ecMsCm, ofWater));
      }
      pot = next;
    }
    return OptionalDouble.empty();
  }

  /** The same where one portion is enough. */
  private double within(double ecMsCm, double ofWater) {
    double least = 0;
    double most = holdsMl;
    for (int halved = 0; halved < 30; halved++) {
      double ml = (least + most) / 2;
      if (flushed(ml, ofWater).ecFull() <= ecMsCm) {
        most = ml;
      } else {
        least = ml;
      }
    }
    return most;
  }

  /**
   * A habit of watering.
   *
   * @param everyDays between waterings
   * @param through share of each that runs out below, 0 to 0.9
   * @param ecMsCm of what is poured, in the mean of feeds and plain water
   * @param uptakeMsCm that roots take up with the water that leaves
   * @param left share of its water that is left when it is watered
   */
  public record Habit(
      double everyDays, double through, double ecMsCm, double uptakeMsCm, double left) {
    public Habit {
      if (!(everyDays > 0
          && through >= 0
          && through <= 0.9
          && ecMsCm >= 0
          && uptakeMsCm >= 0
          && left > 0
          && left < 1)) {
        throw new IllegalArgumentException("a habit waters now and then, with shares of 0 to 1");
      }
    }
  }

  /** After one round of drying and watering by a habit. */
  public PotSalts after(Habit habit) {
    PotSalts dry = dried(waterMl - holdsMl * habit.left, habit.uptakeMsCm);
    double refill = holdsMl - dry.waterMl;
    return dry.watered(refill / (1 - habit.through), habit.ecMsCm).pot();
  }

  /**
   * Days until its water, when full, has passed a conductivity by a habit; empty where it does not
   * within a span.
   */
  public OptionalDouble daysTo(double ecMsCm, Habit habit, int mostDays) {
    PotSalts pot = this;
    for (double day = 0; day <= mostDays; day += habit.everyDays) {
      if (pot.ecFull() > ecMsCm) {
        return OptionalDouble.of(day);
      }
      pot = pot.after(habit);
    }
    return OptionalDouble.empty();
  }
}
