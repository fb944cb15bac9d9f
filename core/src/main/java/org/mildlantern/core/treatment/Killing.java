package org.mildlantern.core.treatment;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;

/**
 * What share of each stage outlives each day of a plan.
 *
 * <p>A means that works at once kills its share on the day of the visit. One that lasts kills a
 * part of its share anew on each day of its time; when two visits' times overlap, the same means
 * counts once. Different means act independently, and each visit hits anew: no individual is safe
 * for having been missed before.
 */
final class Killing {
  private Killing() {}

  /** By day and stage, the grown stage last. */
  static double[][] survival(LifeCycle pest, Collection<Visit> visits, int days) {
    List<String> stages = pest.stageIds();
    double[][] survival = new double[days][stages.size()];
    for (double[] day : survival) {
      Arrays.fill(day, 1);
    }
    Set<Means> all = visits.stream().flatMap(v -> v.means().stream()).collect(Collectors.toSet());
    for (Means means : all) {
      double[] strength = strength(means, visits, days);
      for (int s = 0; s < stages.size(); s++) {
        double kills = means.kills(pest.id(), stages.get(s), pest.placeOf(stages.get(s)));
        for (int day = 0; day < days && kills > 0; day++) {
          survival[day][s] *= 1 - strength[day] * kills;
        }
      }
    }
    return survival;
  }

  /** The part of its full strength with which a means works on each day. */
  private static double[] strength(Means means, Collection<Visit> visits, int days) {
    double[] strength = new double[days];
    for (Visit visit : visits) {
      if (!visit.means().contains(means)) {
        continue;
      }
      if (means.lasting() != null) {
        int last = Math.min(days - 1, visit.day() + means.lasting().to());
        for (int day = visit.day() + means.lasting().from(); day <= last; day++) {
          strength[day] = Math.max(strength[day], means.lasting().share());
        }
      }
      if (means.atOnce() && visit.day() < days) {
        strength[visit.day()] = 1;
      }
    }
    return strength;
  }
}
