package org.mildlantern.core.knowledge;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A rot: it eats what it has taken hold of until it is cut away and dry, or all is gone.
 *
 * @param id of its cause
 * @param organ what it eats
 * @param speed percent of the organ lost in a day while wet, at 12, 17, 22, 27 and 32 °C
 * @param dry what remains of the speed when wound and air are dry
 * @param saved percent of plants that live 60 days after the cut, with 95, 80, 55, 25 and 5 percent
 *     of the organ left sound
 * @param looks how often to look after a cut
 * @param still days without a change after which it is over
 * @param cut where to cut
 * @param helps what products add
 * @param giveUp when to let go
 */
public record Rot(
    String id,
    String organ,
    List<Double> speed,
    double dry,
    List<Double> saved,
    List<Looks> looks,
    int still,
    List<String> cut,
    List<String> helps,
    List<String> giveUp,
    List<String> sources) {
  /** A look every so many days, until a day after the cut. */
  public record Looks(int every, int until) {}

  /** The days after a cut on which to look, from the first. */
  public List<Integer> lookDays() {
    List<Integer> days = new ArrayList<>();
    for (Looks some : looks) {
      int last = days.isEmpty() ? 0 : days.get(days.size() - 1);
      for (int day = last + some.every(); day <= some.until(); day += some.every()) {
        days.add(day);
      }
    }
    return days;
  }

  /**
   * The next day on which to look; empty when the last look is made.
   *
   * @param cut day of the last cut
   * @param seen day of the last look
   */
  public Optional<LocalDate> nextLook(LocalDate cut, LocalDate seen) {
    return lookDays().stream().map(cut::plusDays).filter(day -> day.isAfter(seen)).findFirst();
  }
}
