package org.mildlantern.core.knowledge;

import java.util.List;

/**
 * The life of a pest in degree-days.
 *
 * @param id the cause that it is
 * @param species the kind or genus whose figures are used
 * @param lower °C below which nothing develops
 * @param upper °C above which it goes no faster
 * @param stages from the first to the last before it is grown
 * @param spread how it gets from plant to plant
 * @param hidden what of it is out of reach, in words
 */
public record LifeCycle(
    String id,
    String species,
    double lower,
    double upper,
    List<Phase> stages,
    Adult adult,
    List<String> spread,
    String hidden,
    List<String> sources) {

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

  /** The id of the grown stage beside those of {@link #stages}. */
  public static final String ADULT = "adult";

  /** Where a stage sits. */
  public String placeOf(String stage) {
    return stage.equals(ADULT)
        ? adult.sits()
        : stages.stream().filter(s -> s.id().equals(stage)).findFirst().orElseThrow().sits();
  }

  /** The ids of all stages, the grown one last. */
  public List<String> stageIds() {
    return java.util.stream.Stream.concat(
            stages.stream().map(Phase::id), java.util.stream.Stream.of(ADULT))
        .toList();
  }
}
