package org.mildlantern.core.water;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Taxon;

/** How to water a plant, by its kind, its stage and its pot. Rules that growers share. */
public final class HowToWater {
  private static final double COLD = 14;

  private HowToWater() {}

  /**
   * What is known of the pot and the day.
   *
   * @param drinkMl a full drink, or null when the pot is not known
   * @param bone whether the medium is very dry
   */
  public record Pot(
      boolean holes,
      boolean outer,
      boolean mounted,
      Double drinkMl,
      boolean bone,
      Double celsius) {}

  /** The lines in the order of doing. */
  public static List<String> of(GrowthForm form, Taxon taxon, boolean resting, Pot pot) {
    List<String> lines = new ArrayList<>();
    String water = taxon == null ? "dry-between" : taxon.water();
    boolean carnivore = form.tags().contains("carnivore");
    if (form.id().equals("air-plant")) {
      lines.add(
          "Dunk it for twenty minutes or mist until it drips, in the morning; shake it out and hang it"
              + " head down. It must be dry within four hours, so a fan on damp days.");
      if (cold(pot)) {
        lines.add("Cold: half as often, and only where it dries.");
      }
      return lines;
    }
    if (form.id().equals("tank-bromeliad")) {
      lines.add("Fill the cup; once in three weeks tip it out and fill it fresh with soft water.");
      lines.add("The medium only just damp.");
      if (cold(pot)) {
        lines.add("Cold and dark: leave the cup nearly empty.");
      }
      return lines;
    }
    if (carnivore && water.equals("wet-feet")) {
      lines.add(
          resting
              ? "At rest: no standing water, the medium just damp, with rain or pure water."
              : "Rain or pure water into the tray, one to three cm, refilled when it is gone for a day.");
      return lines;
    }
    if (pot.mounted()) {
      lines.add("Dip the mount until no bubbles rise, or water it through; dry by night.");
      return lines;
    }
    if (pot.bone()) {
      lines.add(
          "Very dry medium sheds water: stand the pot in water to the rim until no bubbles rise, then"
              + " let it drain.");
    } else {
      lines.add("Soak it until water runs out below, wait, and once more; let it drain.");
    }
    if (pot.drinkMl() != null) {
      lines.add("A full drink is about " + rounded(pot.drinkMl()) + " ml.");
    }
    if (!pot.holes()) {
      lines.add("The pot has no holes: give the measure, never more, and tip out what stands.");
    }
    if (pot.outer()) {
      lines.add("Empty the outer pot after ten minutes.");
    }
    if (form.tags().contains("orchid") || form.id().contains("rosette")) {
      lines.add("In the morning, and keep the crown dry: blot what stands in it.");
    } else {
      lines.add("In the morning, so that leaves are dry by night.");
    }
    if (taxon != null && taxon.saltShy()) {
      lines.add("Rain or pure water: it is shy of salts.");
    }
    if (cold(pot)) {
      lines.add("Cold: lukewarm water, and rather a day late than early.");
    }
    return lines;
  }

  private static boolean cold(Pot pot) {
    return pot.celsius() != null && pot.celsius() < COLD;
  }

  private static long rounded(double millilitres) {
    return millilitres < 100
        ? Math.max(5, 5 * Math.round(millilitres / 5))
        : 10 * Math.round(millilitres / 10);
  }
}
