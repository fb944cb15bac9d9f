package org.mildlantern.core.away;

/**
 * How a plant stands when its keeper leaves, as far as it decides what may be done for it.
 *
 * @param room whether in a room that is lived in
 * @param closed whether in a closed case
 * @param soaks whether it is watered by a soak and dries within the day, as air plants are
 * @param blooms whether it has buds or flowers
 * @param ill whether a case is open
 * @param celsius warmth of the place, with the coldest that it wishes; null where that is not known
 */
public record Standing(
    boolean room,
    boolean closed,
    boolean soaks,
    boolean blooms,
    boolean ill,
    double celsius,
    Double coldestWished) {
  /** A cooler room is so much cooler, K. Rule of thumb. */
  private static final double COOLER = 4;

  /**
   * Whether something does good there: a closed case is damp already; what is ill or in bud has no
   * bag; only what stays within its warmth goes cooler, and only out of rooms.
   */
  public boolean takes(Means means) {
    return means.full()
        || !soaks
            && switch (means.kind()) {
              case COVER -> room && !blooms && !ill;
              case COOLER -> room && coldestWished != null && celsius - COOLER >= coldestWished;
              case TOGETHER -> !closed && !ill;
              case RESERVOIR, OTHER -> true;
              case HEATING, BLINDS -> false;
            };
  }
}
