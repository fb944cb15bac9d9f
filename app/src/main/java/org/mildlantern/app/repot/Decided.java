package org.mildlantern.app.repot;

import java.time.LocalDate;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.repot.RepotDecision;

/**
 * Whether a plant is repotted.
 *
 * @param putOff the day until which its keeper put it off, or null
 * @param why the keeper’s reason, or null
 */
record Decided(PlantView plant, RepotDecision decision, LocalDate putOff, String why) {
  /** The day from which it is done; null where it is not within a year. */
  LocalDate on() {
    return switch (decision.answer()) {
      case NOW, AT_ONCE -> putOff == null ? decision.on() : putOff;
      case LATER -> putOff == null || putOff.isBefore(decision.on()) ? decision.on() : putOff;
      case NOT_THIS_YEAR, NEVER, WAIT_AND_SHELTER -> null;
    };
  }

  /** Whether it is to be done today. */
  boolean isDue() {
    boolean now =
        decision.answer() == RepotDecision.Answer.NOW
            || decision.answer() == RepotDecision.Answer.AT_ONCE;
    return now && putOff == null;
  }
}
