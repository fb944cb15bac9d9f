package org.mildlantern.core.knowledge;

import java.util.List;

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
}
