package org.mildlantern.app.watering;

import java.time.LocalDate;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.water.PaceChange;
import org.mildlantern.core.water.WaterOutlook;

/** Says in the keeper's words how a pot stands. */
final class WaterWords {

  private WaterWords() {}

  static String day(LocalDate day) {
    return Days.near(day);
  }

  /** Why to look at it, on its day; or until when it is wet enough. */
  static String reason(WaterOutlook outlook, LocalDate today) {
    if (outlook.story().told() == 0) {
      return "nothing noted yet";
    }
    if (outlook.lookOn().isAfter(today)) {
      return "wet enough until " + Days.near(outlook.lookOn());
    }
    long sure = Math.round(100 * outlook.readyChance());
    return (sure >= 50 ? "probably dry enough, " : "maybe dry enough, ")
        + sure
        + " %"
        + pace(outlook.change());
  }

  private static String pace(PaceChange change) {
    if (change == null) {
      return "";
    }
    return change.surelyFaster()
        ? ", dries faster than it did"
        : change.surelySlower() ? ", dries slower than it did" : "";
  }
}
