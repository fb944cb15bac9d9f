package org.mildlantern.core.treatment;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;

/**
 * What share of each stage outlives each day of a plan, and what share of new ones comes about.
 *
 * <p>A means that works at once kills its share on the day of the visit. One that lasts kills a
 * part of its share anew on each day of its time; when two visits' times overlap, the same means
 * counts once. Different means act independently. Those that sit hidden are missed by each visit
 * alike ({@link LifeCycle#hidden}); of the others each visit hits anew. What stops new ones, so
 * that they are not laid or do not take hold, does so with its full strength on each day of its
 * time.
 */
final class Killing {
  private Killing() {}

  /**
   * By day and stage, the grown stage after the young ones; then the share of new ones, and then
   * the stages again for those that sit hidden.
   */
  static double[][] survival(LifeCycle pest, Collection<Visit> visits, int days) {
    List<String> stages = pest.stageIds();
    double[][] survival = new double[days][2 * stages.size() + 1];
    for (double[] day : survival) {
      Arrays.fill(day, 1);
    }
    Set<Means> all = visits.stream().flatMap(v -> v.means().stream()).collect(Collectors.toSet());
    for (Means means : all) {
      double[] strength = new double[days];
      boolean[] atWork = new boolean[days];
      work(means, visits, strength, atWork);
      for (int s = 0; s < stages.size(); s++) {
        for (boolean hidden : new boolean[] {false, true}) {
          String stage = stages.get(s);
          double kills =
              means.kills(pest.id(), stage, pest.placeOf(stage), pest.hidden(stage), hidden);
          int column = hidden ? stages.size() + 1 + s : s;
          for (int day = 0; day < days && kills > 0; day++) {
            survival[day][column] *= 1 - strength[day] * kills;
          }
        }
      }
      double stops = means.kills(pest.id(), LifeCycle.NEW, pest.placeOf(LifeCycle.NEW));
      for (int day = 0; day < days && stops > 0; day++) {
        survival[day][stages.size()] *= atWork[day] ? 1 - stops : 1;
      }
    }
    return survival;
  }

  /** Fills in the part of its full strength with which a means kills, and whether it works. */
  private static void work(
      Means means, Collection<Visit> visits, double[] strength, boolean[] atWork) {
    int days = strength.length;
    for (Visit visit : visits) {
      if (!visit.means().contains(means)) {
        continue;
      }
      if (means.lasting() != null) {
        int last = Math.min(days - 1, visit.day() + means.lasting().to());
        for (int day = visit.day() + means.lasting().from(); day <= last; day++) {
          strength[day] = Math.max(strength[day], means.lasting().share());
          atWork[day] = true;
        }
      }
      if (means.atOnce() && visit.day() < days) {
        strength[visit.day()] = 1;
        atWork[visit.day()] = true;
      }
    }
  }
}
