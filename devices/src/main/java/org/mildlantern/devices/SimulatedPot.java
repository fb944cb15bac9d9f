package org.mildlantern.devices;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A pot on a scale, or with a probe in it, that dries by the day and is soaked when it is nearly
 * dry.
 *
 * <p>The device errs as real ones do: each reading has noise, the zero drifts slowly, one reading
 * in ten is lost, and for two days in each twenty the device is off. All of it follows from the
 * plant's code and the day, so that the same day always gives the same reading.
 *
 * @param plant accession code
 * @param probe whether it has a moisture probe; else it stands on a scale
 * @param dryGrams weight when dry
 * @param availableMl water between just drained and dry
 * @param perDay share of that water which it loses in a day
 */
record SimulatedPot(
    String plant, boolean probe, double dryGrams, double availableMl, double perDay) {
  private static final LocalTime HOUR = LocalTime.of(7, 30);
  private static final double THIRSTY = 0.22;
  private static final double GRAMS_NOISE = 2.5;
  private static final double GRAMS_DRIFT = 0.4;
  private static final double METER_NOISE = 0.35;
  private static final double LOST = 0.1;
  private static final int PERIOD = 20;
  private static final int OFF_DAYS = 2;

  /** Days before the first reading from which the pot is followed, so that its state is settled. */
  private static final int RUN_IN = 40;

  /** The readings of the days, first to last inclusive, up to an instant. */
  List<Reading> readings(LocalDate first, LocalDate last, Instant now) {
    List<Reading> readings = new ArrayList<>();
    double left = 1;
    for (LocalDate day = epoch(first); !day.isAfter(last); day = day.plusDays(1)) {
      Random chance = new Random(plant.hashCode() * 31L + day.toEpochDay());
      left = Math.max(0.02, left - perDay * (0.8 + 0.4 * chance.nextDouble()));
      boolean soaked = left < THIRSTY;
      if (soaked) {
        left = 1;
      }
      Instant at = day.atTime(HOUR).toInstant(ZoneOffset.UTC);
      if (!day.isBefore(first) && !at.isAfter(now) && works(day, chance)) {
        readings.add(reading(day, at, left, soaked, chance));
      }
    }
    return readings;
  }

  /** A fixed day long before, so that a later run tells the same story. */
  private static LocalDate epoch(LocalDate first) {
    long period = Math.floorDiv(first.toEpochDay() - RUN_IN, 400L);
    return LocalDate.ofEpochDay(period * 400L);
  }

  private static boolean works(LocalDate day, Random chance) {
    boolean lost = chance.nextDouble() < LOST;
    return !lost && Math.floorMod(day.toEpochDay(), PERIOD) >= OFF_DAYS;
  }

  private Reading reading(LocalDate day, Instant at, double left, boolean soaked, Random chance) {
    String id = "stand-in-" + plant + "-" + day;
    if (probe) {
      double figure = 10 * left + METER_NOISE * chance.nextGaussian();
      return new Reading(id, plant, at, "METER", Math.max(0, Math.min(10, figure)));
    }
    double drift = GRAMS_DRIFT * Math.floorMod(day.toEpochDay(), PERIOD);
    double grams = dryGrams + availableMl * left + drift + GRAMS_NOISE * chance.nextGaussian();
    return new Reading(id, plant, at, soaked ? "WEIGHT_DRAINED" : "WEIGHT", grams);
  }
}
