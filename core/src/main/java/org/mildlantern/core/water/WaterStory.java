package org.mildlantern.core.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Lifted;
import org.mildlantern.core.journal.Metered;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Repotted;
import org.mildlantern.core.journal.StoodInWater;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.journal.Weighed;
import org.mildlantern.core.journal.Wilted;

/**
 * A pot's water as its records tell it, up to today.
 *
 * @param now what is known today
 * @param trail what was thought of it at the end of each day that was followed
 * @param before what was known of its pace {@value #BEFORE_DAYS} days ago, or null without records
 * @param drainedGrams weight when just drained, or null
 * @param dryGrams weight when dry, or null
 * @param told number of events taken in
 * @param last day of the last of them, or null
 */
public record WaterStory(
    PotFilter now,
    List<Point> trail,
    PotFilter before,
    Double drainedGrams,
    Double dryGrams,
    int told,
    LocalDate last) {
  static final int BEFORE_DAYS = 35;

  /** A day with the share thought left, and whether something was noted on it. */
  public record Point(LocalDate day, double share, boolean noted, boolean watered) {}

  private static final double CALIBRATED = 0.04;
  private static final double HALF_CALIBRATED = 0.09;
  private static final double METER_ERROR = 0.2;

  /** A rise by more than this share that is sure to be one tells of a drink. */
  private static final double UNNOTED = 0.2;

  private static final double SURE = 0.95;

  /**
   * Tells the story.
   *
   * @param guess first guess of the pace
   * @param events in the order of their days
   * @param demand of a day
   * @param trailFrom first day of the trail, or null for none
   */
  public static WaterStory tell(
      Holding holding,
      double guess,
      List<PotEvent> events,
      LocalDate today,
      ToDoubleFunction<LocalDate> demand,
      LocalDate trailFrom) {
    Teller teller = new Teller(holding, guess, demand, trailFrom);
    PotFilter before = null;
    LocalDate last = null;
    for (PotEvent event : events) {
      if (event.day().isAfter(today)) {
        break;
      }
      if (before == null
          && teller.told > 0
          && !event.day().isBefore(today.minusDays(BEFORE_DAYS))) {
        before = teller.filter.copy();
      }
      teller.until(event.day());
      teller.take(event);
      last = event.day();
    }
    teller.until(today);
    return new WaterStory(
        teller.filter, teller.trail, before, teller.drained, teller.dry, teller.told, last);
  }

  /**
   * The share that a weight tells, or null when the pot was never weighed just drained.
   *
   * @param availableMl of the pot, for what it weighs when dry when that was never weighed
   */
  static Reading.Level ofWeight(double grams, Double drained, Double dry, double availableMl) {
    if (drained == null) {
      return null;
    }
    double least = dry == null ? drained - availableMl : dry;
    double share = (grams - least) / (drained - least);
    return new Reading.Level(
        Math.max(-0.1, Math.min(1.1, share)), dry == null ? HALF_CALIBRATED : CALIBRATED);
  }

  /**
   * The share of its water that a pot takes of a drink that ran straight through. Rule of thumb.
   */
  private static final double RAN_PAST_TAKES = 0.2;

  private static final class Teller {
    private final Holding holding;
    private final ToDoubleFunction<LocalDate> demand;
    private final LocalDate trailFrom;
    private final PotFilter filter;
    private final List<Point> trail = new ArrayList<>();
    private LocalDate at;
    private Double drained;
    private Double dry;
    private int told;

    Teller(Holding holding, double guess, ToDoubleFunction<LocalDate> demand, LocalDate trailFrom) {
      this.holding = holding;
      this.demand = demand;
      this.trailFrom = trailFrom;
      this.filter = new PotFilter(guess);
    }

    void until(LocalDate day) {
      if (at == null) {
        at = day;
        return;
      }
      boolean drawn = trailFrom != null && !day.isBefore(trailFrom);
      while (at.isBefore(day)) {
        LocalDate to =
            drawn && !at.isBefore(trailFrom.minusDays(1)) ? at.plusDays(1) : stop(day, drawn);
        double sum = 0;
        for (LocalDate d = at; d.isBefore(to); d = d.plusDays(1)) {
          sum += demand.applyAsDouble(d);
        }
        filter.dry(sum, ChronoUnit.DAYS.between(at, to));
        at = to;
        mark(false, false);
      }
    }

    private LocalDate stop(LocalDate day, boolean drawn) {
      return drawn && at.isBefore(trailFrom.minusDays(1)) ? trailFrom.minusDays(1) : day;
    }

    private void mark(boolean noted, boolean watered) {
      if (trailFrom != null && !at.isBefore(trailFrom)) {
        trail.add(new Point(at, filter.mean(), noted, watered));
      }
    }

    void take(PotEvent event) {
      told++;
      Note note = event.note();
      if (note instanceof Repotted) {
        filter.repot();
        drained = null;
        dry = null;
      } else if (note instanceof StoodInWater) {
        filter.soak();
      } else if (note instanceof Watered drink) {
        watered(drink.ml(), drink.runOff());
      } else if (note instanceof Filled fill) {
        watered(fill.ml(), Watered.RunOff.NOT_SAID);
      } else {
        seen(note);
      }
      mark(true, event.drink());
    }

    private void watered(Double ml, Watered.RunOff runOff) {
      boolean plenty = ml != null && ml >= 1.2 * holding.availableMl();
      if (runOff == Watered.RunOff.PAST) {
        filter.add(RAN_PAST_TAKES);
      } else if (runOff == Watered.RunOff.THROUGH || runOff != Watered.RunOff.NONE && plenty) {
        filter.soak();
      } else if (ml != null) {
        filter.add(ml / holding.availableMl());
      } else if (runOff == Watered.RunOff.NONE) {
        filter.add(0.35);
      } else {
        filter.water();
      }
    }

    private void seen(Note note) {
      if (note instanceof Felt felt) {
        felt(felt);
      } else if (note instanceof Lifted lifted) {
        filter.see(new Reading.Lifted(lifted.heavy()));
      } else if (note instanceof Wilted) {
        filter.see(new Reading.Wilted());
      } else if (note instanceof Metered meter) {
        measured(new Reading.Level(meter.figure() / Metered.MOST, METER_ERROR));
      } else if (note instanceof Weighed weight) {
        weighed(weight);
      }
    }

    private void weighed(Weighed weight) {
      switch (weight.state()) {
        case DRAINED -> {
          drained = weight.grams();
          filter.soak().see(new Reading.Level(1, CALIBRATED));
        }
        case DRY -> {
          dry = weight.grams();
          filter.see(new Reading.Level(0, CALIBRATED));
        }
        case AS_IT_WAS -> {
          Reading.Level level = ofWeight(weight.grams(), drained, dry, holding.availableMl());
          if (level != null) {
            measured(level);
          }
        }
      }
    }

    private void felt(Felt felt) {
      switch (felt.how()) {
        case PROBE -> probed(felt.felt(), Reading.Felt.PROBE);
        case SKEWER -> probed(felt.felt(), Reading.Felt.SKEWER);
        case TOUCHED -> felt(felt.felt().get(0), Reading.Felt.Depth.TOP, Reading.Felt.TOUCH);
        case CLEAR_POT ->
            felt(felt.felt().get(0), Reading.Felt.Depth.MIDDLE, Reading.Felt.CLEAR_POT);
      }
    }

    /** A level that cannot be without a drink means that one was given and not noted. */
    private void measured(Reading.Level level) {
      boolean drink =
          level.share() > filter.mean() + UNNOTED
              && filter.below(level.share() - 2 * level.error()) > SURE;
      if (drink) {
        filter.water();
      }
      filter.see(level);
    }

    private void probed(List<Moisture> answers, double error) {
      Reading.Felt.Depth[] depths =
          answers.size() == 1
              ? new Reading.Felt.Depth[] {Reading.Felt.Depth.MIDDLE}
              : answers.size() == 2
                  ? new Reading.Felt.Depth[] {Reading.Felt.Depth.TOP, Reading.Felt.Depth.BOTTOM}
                  : Reading.Felt.Depth.values();
      for (int i = 0; i < answers.size(); i++) {
        felt(answers.get(i), depths[i], error);
      }
    }

    private void felt(Moisture answer, Reading.Felt.Depth depth, double error) {
      filter.see(new Reading.Felt(Reading.Felt.Answer.valueOf(answer.name()), depth, error));
    }
  }
}
