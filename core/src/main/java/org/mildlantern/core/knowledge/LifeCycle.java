package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Map;

/**
 * The life of a pest in degree-days, or of a catching disease, whose grown stage is a spot that
 * sets off others.
 *
 * @param id the cause that it is
 * @param species the kind or genus whose figures are used
 * @param counted what is counted, in words
 * @param lower °C below which nothing develops
 * @param upper °C above which it goes no faster
 * @param stages from the first to the last before it is grown
 * @param wet what it asks of a leaf, or null for what needs none to be wet
 * @param spread how it gets from plant to plant
 * @param hidden what of it is out of reach, in words
 */
public record LifeCycle(
    String id,
    String species,
    String counted,
    double lower,
    double upper,
    List<Phase> stages,
    Adult adult,
    Wet wet,
    List<String> spread,
    String hidden,
    List<String> sources) {

  public LifeCycle {
    counted = counted == null ? "females of all stages" : counted;
  }

  /**
   * For how long a leaf must be wet without a break before a disease takes hold, and in what
   * warmth.
   *
   * @param hours at the best warmth
   * @param from °C below which it does not
   * @param to °C above which it does not
   */
  public record Wet(double hours, double from, double best, double to) {
    /**
     * The hours at a warmth in °C; infinite where it takes hold at no length. By the beta function
     * of temperature of Magarey, Sutton & Russo 2005.
     */
    public double hoursAt(double celsius) {
      if (celsius <= from || celsius >= to) {
        return Double.POSITIVE_INFINITY;
      }
      double rises = Math.pow((celsius - from) / (best - from), (best - from) / (to - best));
      return hours / (rises * (to - celsius) / (to - best));
    }
  }

  /**
   * A stage before it is grown.
   *
   * @param degreeDays mean time in it, K·d above the lower threshold
   * @param sits where it sits: leaf, joint, tissue, soil, cover or air
   * @param survival share that reaches the next stage, 0 to 1
   */
  public record Phase(String id, String label, double degreeDays, String sits, double survival) {}

  /**
   * The grown stage.
   *
   * @param before degree-days before it lays
   * @param laying degree-days for which it lays, on the mean
   * @param youngEach eggs or live young in a degree-day
   * @param daughters share of females among them, 0 to 1
   */
  public record Adult(
      double before, double laying, double youngEach, double daughters, String sits) {}

  private static final Map<String, Double> HIDDEN =
      Map.of("leaf", 0.03, "joint", 0.1, "cover", 0.08, "tissue", 0.05, "soil", 0.05);

  /** The id of the grown stage beside those of {@link #stages}. */
  public static final String ADULT = "adult";

  /** The id under which a means says how many newly laid or newly infected it stops. */
  public static final String NEW = "new";

  /**
   * Share of those of a stage that sit where no spray, bath or cloth comes while they are in it,
   * and so are missed at each visit: in folds, under rims and in the deepest of the medium. Those
   * that fly or walk about are none of them, nor are the spots of a disease. Rules of thumb.
   */
  public double hidden(String stage) {
    String place = placeOf(stage);
    boolean walks = stage.equals(ADULT) && place.equals("leaf");
    return disease() || walks ? 0 : HIDDEN.getOrDefault(place, 0.0);
  }

  /** Where a stage sits; what is new comes to sit where the grown ones do. */
  public String placeOf(String stage) {
    return stage.equals(ADULT) || stage.equals(NEW)
        ? adult.sits()
        : stages.stream().filter(s -> s.id().equals(stage)).findFirst().orElseThrow().sits();
  }

  /** Whether it is a disease. */
  public boolean disease() {
    return stages.get(0).id().equals("incubating");
  }

  /** The ids of all stages, the grown one last. */
  public List<String> stageIds() {
    return java.util.stream.Stream.concat(
            stages.stream().map(Phase::id), java.util.stream.Stream.of(ADULT))
        .toList();
  }
}
