package org.mildlantern.app.backup;

import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.Set;
import java.util.TreeSet;

/**
 * Which copies are kept: those of the last seven days that have one, and the newest of each of the
 * last five weeks that have one. Rule of thumb.
 */
final class Rotation {
  private static final int DAYS = 7;
  private static final int WEEKS = 5;

  private Rotation() {}

  static Set<LocalDate> kept(Collection<LocalDate> copies) {
    Set<LocalDate> newestFirst = new TreeSet<>(Comparator.reverseOrder());
    newestFirst.addAll(copies);
    Set<LocalDate> kept = new TreeSet<>();
    Set<String> weeks = new TreeSet<>();
    for (LocalDate day : newestFirst) {
      String week =
          day.get(IsoFields.WEEK_BASED_YEAR) + "-" + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
      boolean firstOfItsWeek = !weeks.contains(week) && weeks.size() < WEEKS;
      if (kept.size() < DAYS || firstOfItsWeek) {
        kept.add(day);
      }
      weeks.add(week);
    }
    return kept;
  }
}
