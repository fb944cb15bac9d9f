package org.mildlantern.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Habits;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Watering;

/** How to water a plant, by its kind, its stage and its pot. Rules that growers share. */
public final class HowToWater {
  private static final double COLD = 14;

  private HowToWater() {}

  /**
   * What is known of the pot and the day.
   *
   * @param drinkMl a full drink, or null when the pot is not known
   * @param bone whether the medium is very dry
   * @param standing what it stands in or draws from, or null for nothing
   * @param air of its place
   */
  public record Pot(
      boolean holes,
      boolean outer,
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
    double dryingHours() {
      double deficit =
          Demand.of(celsius == null ? 20 : celsius, humidity == null ? 50 : humidity, 0).vpd();
      return FILM_MM / (Math.max(0.05, deficit) * MM_PER_KPA * (moving ? MOVING : 1));
    }
  }

  private static final double FILM_MM = 0.2;
  private static final double MM_PER_KPA = 0.06;
  private static final double MOVING = 3;
  private static final double LIMIT_HOURS = 4;

  /** The lines in the order of doing. */
  public static List<String> of(Kind kind, boolean resting, Pot pot) {
    List<String> lines = new ArrayList<>();
    GrowthForm form = kind.form();
    if (form.id().equals("air-plant")) {
      return airPlant(pot);
    }
    if (form.id().equals("tank-bromeliad")) {
      lines.add(
          "Fill the cup with soft water; tip it out and fill it fresh on the day that the round says.");
      lines.add("The medium only just damp.");
      if (cold(pot)) {
        lines.add("Cold and dark: leave the cup nearly empty.");
      }
      return lines;
    }
    if (pot.standing() != null) {
      return standing(pot.standing(), kind, resting);
    }
    if (kind.water() == Watering.WET_FEET) {
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
    if (kind.shyOf(Habits.Shy.SALTS)) {
      lines.add("Rain or pure water: it is shy of salts.");
    }
    if (cold(pot)) {
      lines.add("Cold: lukewarm water, and rather a day late than early.");
    }
    return lines;
  }

  private static List<String> airPlant(Pot pot) {
    List<String> lines = new ArrayList<>();
    double hours = pot.air().dryingHours();
    lines.add(
        "Dunk it for twenty minutes or mist until it drips, in the morning; shake it out and hang it"
            + " head down.");
    lines.add(
        String.format(
            Locale.ROOT,
            "It must be dry within %.0f hours. In the %s air of its place it takes about %s.",
            LIMIT_HOURS,
            pot.air().moving() ? "moving" : "still",
            hours > 12 ? "half a day or more" : String.format(Locale.ROOT, "%.1f hours", hours)));
    if (hours > LIMIT_HOURS) {
      lines.add("That is too long: dry it before a fan or in a drier room before it goes back.");
    }
    if (cold(pot)) {
      lines.add("Cold: half as often, and only where it dries.");
    }
    return lines;
  }

  private static List<String> standing(Stands in, Kind kind, boolean resting) {
    List<String> lines = new ArrayList<>();
    long ml = rounded(in.level().ml());
    if (in.kind() == Standing.Kind.TRAY) {
      lines.add(
          String.format(
              Locale.ROOT,
              "Fill the tray to %.1f cm, about %d ml, %s.",
              in.level().cm(),
              ml,
              resting ? "no more while it rests" : "and let it run dry for a day between fills"));
    } else if (in.off()) {
      lines.add(
          "Cold and dark: leave the "
              + (in.kind() == Standing.Kind.WICK ? "jar" : "reservoir")
              + " empty until spring and water from above, a little, when the top is dry.");
      lines.add("Other keepers leave it filled all year; then at least let it run dry for a week.");
    } else {
      lines.add(
          "Fill the "
              + (in.kind() == Standing.Kind.WICK ? "jar" : "reservoir")
              + " with about "
              + ml
              + " ml, a quarter of the pot; let it run dry for a day before the next.");
      if (in.kind() == Standing.Kind.WICK) {
        lines.add("The wick must be wet through, and the jar stand below the pot.");
      }
    }
    lines.add(
        "Flush from above with plain water on the day that the round says, and tip that out.");
    if (kind.shyOf(Habits.Shy.SALTS)) {
      lines.add("Rain or pure water only: it is shy of salts.");
    }
    return lines;
  }

  private static boolean cold(Pot pot) {
    return pot.air().celsius() != null && pot.air().celsius() < COLD;
  }

  private static long rounded(double millilitres) {
    return millilitres < 100
        ? Math.max(5, 5 * Math.round(millilitres / 5))
        : 10 * Math.round(millilitres / 10);
  }
}
