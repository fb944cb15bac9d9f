package org.mildlantern.core.care;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mildlantern.core.care.Remains.Share;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Rescue;
import org.mildlantern.core.knowledge.Rescue.Found;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * The odds that a plant lives, by what is left of it: decibans are added for each thing found, from
 * a start by how far the cause can be undone. The lines stand with the knowledge.
 */
public record Prognosis(double probability, Working working) {
  private static final Words WORDS = Words.of(Prognosis.class);

  /** So many leaves or firm bulbs carry a plant on. Rule of thumb. */
  private static final int SOME = 3;

  public static Prognosis of(Rescue rescue, Cause cause, GrowthForm form, Remains remains) {
    Set<Found> found = found(cause, remains);
    Map<String, Object> figures = new HashMap<>();
    figures.put("leaves", remains.leaves());
    figures.put("bulbs", remains.firmBulbs());
    List<Step> steps = new ArrayList<>();
    double decibans = 0;
    for (Rescue.Odds line : rescue.odds()) {
      if (line.fits(form, found)) {
        decibans += line.decibans();
        steps.add(
            new Step(line.say().say(figures), WORDS.say("db", Decibans.text(line.decibans()))));
      }
    }
    double odds = Math.pow(10, decibans / 10);
    double probability = odds / (1 + odds);
    return new Prognosis(
        probability,
        new Working(
            "Odds that it lives",
            "sum of decibans, ten of which make the odds ten times as great",
            steps,
            Decibans.percent(probability),
            "rule of thumb"));
  }

  private static Set<Found> found(Cause cause, Remains remains) {
    Set<Found> found = EnumSet.noneOf(Found.class);
    found.add(
        switch (cause.reversible()) {
          case "fully" -> Found.UNDONE_FULLY;
          case "partly" -> Found.UNDONE_PARTLY;
          default -> Found.STAYS;
        });
    if (remains.crownSound() != null) {
      found.add(remains.crownSound() ? Found.CROWN_SOUND : Found.CROWN_LOST);
    }
    if (remains.baseFirm() != null) {
      found.add(remains.baseFirm() ? Found.BASE_FIRM : Found.BASE_SOFT);
    }
    found.add(
        remains.leaves() == null
            ? Found.LEAVES_NOT_LOOKED_AT
            : counted(remains.leaves(), Found.LEAVES_NONE, Found.LEAVES_FEW, Found.LEAVES_SOME));
    if (remains.firmBulbs() != null) {
      found.add(counted(remains.firmBulbs(), Found.BULBS_NONE, Found.BULBS_FEW, Found.BULBS_SOME));
    }
    if (remains.greenWood() != null) {
      found.add(share(remains.greenWood(), Found.WOOD_NONE, Found.WOOD_FEW, Found.WOOD_MOST));
    }
    if (remains.roots() != null) {
      found.add(share(remains.roots(), Found.ROOTS_NONE, Found.ROOTS_FEW, Found.ROOTS_MOST));
    }
    return found;
  }

  private static Found counted(int number, Found none, Found few, Found some) {
    return number == 0 ? none : number < SOME ? few : some;
  }

  private static Found share(Share share, Found none, Found few, Found most) {
    return switch (share) {
      case NONE -> none;
      case FEW -> few;
      case MOST -> most;
    };
  }

  /** The odds in words. */
  public String words() {
    return WORDS.say("lives", probability);
  }

  public boolean mostLikelyLost() {
    return probability < 0.1;
  }
}
