package org.mildlantern.app.watering;

import java.time.LocalDate;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.water.PaceChange;
import org.mildlantern.core.water.WaterOutlook;
import org.mildlantern.core.words.Words;

/** Says in the keeper's words how a pot stands. */
final class WaterWords {
  private static final Words WORDS = Words.of(WaterWords.class);

  private WaterWords() {}

  /** Why to look at it, on its day; or until when it is wet enough. */
  static String reason(WaterOutlook outlook, LocalDate today) {
    if (outlook.story().told() == 0) {
      return "nothing noted yet";
    }
    if (outlook.lookOn().isAfter(today)) {
      return WORDS.say("wet-until", Days.near(outlook.lookOn()));
    }
    long sure = Math.round(100 * outlook.readyChance());
    return WORDS.say("dry", Words.yes(sure >= 50), sure, pace(outlook.change()));
  }

  private static String pace(PaceChange change) {
    return change == null
        ? "same"
        : change.surelyFaster() ? "faster" : change.surelySlower() ? "slower" : "same";
  }
}
