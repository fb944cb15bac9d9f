package org.mildlantern.core.treatment;

import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.water.HowToWater;
import org.mildlantern.core.words.Words;

/**
 * How long leaves stay wet, and how often, by how a plant is watered and the air of its place; and
 * what that means for a leaf disease.
 *
 * <p>A disease takes hold when a leaf stays wet without a break for as long as it needs at that
 * warmth: W(T) = W ÷ f(T), with f the beta function of temperature that is 1 where it is best and 0
 * at both ends (the generic infection model of Magarey, Sutton & Russo 2005). Below half of that
 * time nothing takes hold; two such spells a week are what the knowledge's figures of spread stand
 * for, longer and more frequent ones count up to double (rules of thumb).
 *
 * @param hours for which leaves stay wet each time
 * @param times in a week
 */
public record LeafWetness(double hours, double times) {
  private static final Words WORDS = Words.of(LeafWetness.class);

  /** Above this humidity in %, leaves hardly dry at all. Rule of thumb. */
  private static final double DAMP = 93;

  private static final double DAY = 24;

  /** Rain and dew: spells a week, and hours of each at least. Rules of thumb. */
  private static final double RAINS = 3;

  private static final double NIGHT = 10;

  private static final double WEEK = 7;
  private static final double USUAL_TIMES = 2;
  private static final double MOST = 2;

  /** What takes hold on leaves that stay dry, by drops that nobody sees. Rule of thumb. */
  private static final double LEAST = 0.1;

  /** How the leaves of a plant come to be wet. */
  public enum From {
    ABOVE("from above, leaves get wet"),
    BELOW("from below, leaves stay dry"),
    RAIN("it stands in rain and dew");

    private final String label;

    From(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /**
   * The wetness of a plant.
   *
   * @param air of its place
   * @param wateredEvery days between drinks
   * @param mistings in two weeks
   */
  public static LeafWetness of(
      From from, HowToWater.Air air, double wateredEvery, double mistings) {
    boolean damp = air.humidity() != null && air.humidity() >= DAMP;
    double drying = damp ? DAY : Math.min(DAY, air.dryingHours());
    double times = mistings / 2 + (from == From.ABOVE ? WEEK / Math.max(1, wateredEvery) : 0);
    if (from == From.RAIN) {
      return new LeafWetness(Math.max(NIGHT, drying), RAINS + times);
    }
    if (damp) {
      return new LeafWetness(DAY, WEEK);
    }
    return new LeafWetness(times == 0 ? 0 : drying, times);
  }

  /**
   * How much of a disease's usual spread takes hold here: 1 for what its figures stand for. A
   * disease that needs no wet leaf, and a pest, spread as usual.
   */
  public double takes(LifeCycle disease, double celsius) {
    if (disease.wet() == null) {
      return 1;
    }
    double share = hours / disease.wet().hoursAt(celsius);
    double each = share < 0.5 ? 0 : Math.min(MOST, share);
    return Math.max(LEAST, Math.min(MOST, each * times / USUAL_TIMES));
  }

  /** What it comes to in words; empty for what needs no wet leaf. */
  public String words(LifeCycle disease, double celsius) {
    if (disease.wet() == null) {
      return "";
    }
    double needs = disease.wet().hoursAt(celsius);
    if (needs > DAY * WEEK) {
      return WORDS.say("wet.never", celsius);
    }
    if (hours == 0) {
      return WORDS.say("wet.dry", needs, celsius);
    }
    String spreads = hours < needs / 2 ? "no" : hours < needs ? "some" : "yes";
    return WORDS.say("wet.hours", hours, needs, celsius, spreads);
  }
}
