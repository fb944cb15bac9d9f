package org.mildlantern.core.growth;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Taxon.Sheds;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * What share of its leaves and buds a plant may lose within a month without alarm.
 *
 * <p>The form gives a share for each stage; the kind's own habit raises it at rest and after a
 * change of place. A kind that rests at this season counts as resting unless it is in bud or
 * flower. For six weeks after a move or an arrival half as much again may go, and three fifths of a
 * kind that sheds on moves. All shares are rules of thumb.
 *
 * <p>Example: a weeping fig in growth may lose 20 % of its leaves, ten days after a move 60 %.
 *
 * @param leaves share of its leaves, 0 to 1
 * @param buds share of its buds that a change of place may cost now, 0 when it was not moved
 * @param settling whether it is within six weeks of a move or an arrival
 */
public record Shedding(double leaves, double buds, boolean settling, Working working) {
  private static final Words WORDS = Words.of(Shedding.class);

  /** Days for which a change of place may still show. Rule of thumb. */
  public static final int SETTLING_DAYS = 42;

  private static final double HALF = 0.5;
  private static final double ON_MOVE = 0.6;
  private static final double UNSETTLED = 1.5;

  /**
   * Works out the shares.
   *
   * @param sinceChange days since the last move or arrival, or null when there was none
   */
  public static Shedding of(
      Kind kind, Stage recorded, LocalDate day, double latitude, Integer sinceChange) {
    GrowthForm form = kind.form();
    Sheds sheds = kind.taxon().map(Taxon::sheds).orElse(Sheds.KEEPS);
    List<Step> steps = new ArrayList<>();
    boolean rests =
        recorded == Stage.GROWTH && kind.taxon().isPresent() && kind.restsOn(day, latitude);
    Stage stage = rests ? Stage.REST : recorded;
    double share = form.shed().getOrDefault(stage.id(), form.shed().get(Stage.GROWTH.id()));
    steps.add(
        new Step(
            WORDS.say("form", form.label(), stage.label()),
            Decibans.percent(share),
            rests ? WORDS.say("rests", kind.habits().rest().months().words(latitude)) : ""));
    double byHabit = habit(sheds, stage, share);
    if (byHabit > share) {
      steps.add(new Step(WORDS.say("habit", sheds.label()), Decibans.percent(byHabit)));
    }
    boolean settling = sinceChange != null && sinceChange <= SETTLING_DAYS;
    double leaves = settling ? unsettled(sheds, byHabit) : byHabit;
    double buds = settling ? form.budLoss() : 0;
    if (settling) {

      steps.add(
          new Step(
              WORDS.say("settling", sinceChange), Decibans.percent(leaves), "half as much again"));
      steps.add(new Step("Buds that a change of place may cost", Decibans.percent(buds)));
    }
    return new Shedding(
        leaves,
        buds,
        settling,
        new Working(
            "What it may lose in a month",
            "the form's share at this stage, raised by the kind's habit and by a change of place",
            steps,
            WORDS.say(
                "may-lose", Decibans.percent(leaves), buds > 0 ? Decibans.percent(buds) : "none"),
            "rule of thumb"));
  }

  private static double habit(Sheds sheds, Stage stage, double share) {
    if (stage != Stage.REST && stage != Stage.AFTER_FLOWER) {
      return share;
    }
    if (stage == Stage.AFTER_FLOWER) {
      return sheds == Sheds.DIES_DOWN ? 1 : share;
    }
    return switch (sheds) {
      case HALF -> Math.max(share, HALF);
      case ALL, DIES_DOWN -> 1;
      case KEEPS, EXCHANGE, ON_MOVE -> share;
    };
  }

  private static double unsettled(Sheds sheds, double share) {
    double more = Math.min(1, share * UNSETTLED);
    return sheds == Sheds.ON_MOVE ? Math.max(more, ON_MOVE) : more;
  }
}
