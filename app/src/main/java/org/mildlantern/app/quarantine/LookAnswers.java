package org.mildlantern.app.quarantine;

import java.util.List;
import org.mildlantern.app.round.RoundItem;

/** What can be answered to a look for a pest on the round. */
final class LookAnswers {
  private LookAnswers() {}

  /** The answers; cause is what is looked for, or null for what the plant is set apart for. */
  static List<RoundItem.Answer> of(Long plantId, String cause) {
    String action = "/plants/" + plantId + "/pest-looks" + (cause == null ? "" : "?cause=" + cause);
    return List.of(
        new RoundItem.Answer("Nothing", action, "counted", "0"),
        new RoundItem.Answer("Found some", action, "counted", "1"));
  }
}
