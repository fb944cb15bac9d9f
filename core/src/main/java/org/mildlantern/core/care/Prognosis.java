package org.mildlantern.core.care;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.care.Remains.Share;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.working.Working;
import org.mildlantern.core.working.Working.Step;

/**
 * The odds that a plant lives, by what is left of it.
 *
 * <p>Decibans are added for each thing found, from a start by how far the cause can be undone. All
 * figures are rules of thumb: a single-stemmed orchid without its crown has only a shoot from the
 * base to hope for; firm bulbs, green wood and a firm base sprout again.
 */
public record Prognosis(double probability, Working working) {

  public static Prognosis of(Cause cause, GrowthForm form, Remains remains) {
    Sum sum = new Sum();
    switch (cause.reversible()) {
      case "fully" -> sum.add("What was done can be undone", 8);
      case "partly" -> sum.add("Part of it can be undone", 4);
      default -> sum.add("The damage stays, the plant may grow past it", 5);
    }
    if (form.id().equals("monopodial-orchid")) {
      ofSingleStem(remains, sum);
    } else {
      ofOthers(form, remains, sum);
    }
    if (remains.roots() != null) {
      switch (remains.roots()) {
        case MOST -> sum.add("Most roots live", 4);
        case FEW -> sum.add("Few live roots", -2);
        case NONE -> sum.add("No live root", form.isOneOf(List.of("succulent")) ? -2 : -7);
      }
    }
    double odds = Math.pow(10, sum.total / 10);
    double probability = odds / (1 + odds);
    return new Prognosis(
        probability,
        new Working(
            "Odds that it lives",
            "sum of decibans, ten of which make the odds ten times as great",
            sum.steps,
            Decibans.percent(probability),
            "rule of thumb"));
  }

  private static void ofSingleStem(Remains remains, Sum sum) {
    boolean leavesLeft = remains.leaves() != null && remains.leaves() > 0;
    if (Boolean.TRUE.equals(remains.crownSound())) {
      sum.add("Crown sound", 4);
    } else if (Boolean.FALSE.equals(remains.crownSound())) {
      sum.add(
          leavesLeft ? "Crown lost; leaves may feed a shoot from the base" : "Whole crown lost",
          leavesLeft ? -10 : -22);
    }
    ofLeaves(remains, sum);
  }

  private static void ofOthers(GrowthForm form, Remains remains, Sum sum) {
    if (Boolean.FALSE.equals(remains.crownSound())) {
      sum.add("Growing point lost", -4);
    } else if (Boolean.TRUE.equals(remains.crownSound())) {
      sum.add("Growing point sound", 3);
    }
    if (remains.firmBulbs() != null && form.hasKind("bulb-new")) {
      int firm = remains.firmBulbs();
      sum.add(firm + " firm bulbs", firm >= 3 ? 5 : firm > 0 ? 0 : -14);
    }
    if (remains.greenWood() != null && form.isOneOf(List.of("woody"))) {
      sum.add(
          "Green under the bark: " + word(remains.greenWood()),
          remains.greenWood() == Share.MOST ? 6 : remains.greenWood() == Share.FEW ? 0 : -16);
    }
    if (remains.baseFirm() != null) {
      sum.add(remains.baseFirm() ? "Base firm" : "Base soft", remains.baseFirm() ? 4 : -9);
    }
    ofLeaves(remains, sum);
  }

  private static void ofLeaves(Remains remains, Sum sum) {
    if (remains.leaves() != null) {
      int leaves = remains.leaves();
      sum.add(leaves + " working leaves", leaves >= 3 ? 3 : leaves > 0 ? 0 : -3);
    }
  }

  private static String word(Share share) {
    return switch (share) {
      case NONE -> "nowhere";
      case FEW -> "here and there";
      case MOST -> "mostly";
    };
  }

  /** The odds in words. */
  public String words() {
    if (probability >= 0.9) {
      return "it will very likely live";
    }
    if (probability >= 0.65) {
      return "it will more likely live than not";
    }
    if (probability >= 0.35) {
      return "it may go either way";
    }
    return probability >= 0.1 ? "it will more likely be lost" : "it is most likely lost";
  }

  public boolean mostLikelyLost() {
    return probability < 0.1;
  }

  /** A running sum with its lines. */
  private static final class Sum {
    private final List<Step> steps = new ArrayList<>();
    private double total;

    void add(String name, double decibans) {
      total += decibans;
      steps.add(new Step(name, Decibans.text(decibans) + " dB"));
    }
  }
}
