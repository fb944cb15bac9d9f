package org.mildlantern.app.repot;

import java.util.List;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.repot.Reason;
import org.mildlantern.core.repot.RepotDecision;
import org.mildlantern.core.repot.RepotDecision.Hold;
import org.mildlantern.core.repot.Rhythm;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Words decisions on repotting. */
@Component
class RepotWords {
  private static final Words WORDS = Words.of(RepotWords.class);

  private final Repots repots;

  RepotWords(Repots repots) {
    this.repots = repots;
  }

  RepotView view(Decided decided) {
    RepotDecision decision = decided.decision();
    return new RepotView(
        decided.plant(),
        verdict(decided),
        Math.round(100 * decision.odds()),
        decision.reasons().stream().map(RepotWords::reason).toList(),
        decision.holds().stream().map(hold -> WORDS.say("hold", hold.name())).toList(),
        repots.rhythm(decided.plant().kind()).map(Rhythm::say).orElse(""),
        decided.putOff() == null
            ? ""
            : WORDS.say("put-off", Days.near(decided.putOff()), decided.why()));
  }

  static String verdict(Decided decided) {
    RepotDecision decision = decided.decision();
    boolean waits =
        decision.holds().contains(Hold.QUARANTINE) || decision.holds().contains(Hold.WEAK);
    return switch (decision.answer()) {
      case AT_ONCE -> WORDS.say("at-once");
      case NOW -> WORDS.say("now");
      case LATER ->
          waits
              ? WORDS.say(
                  "once", decision.holds().contains(Hold.QUARANTINE) ? "QUARANTINE" : "WEAK")
              : WORDS.say("later", Days.near(decision.on()));
      case NOT_THIS_YEAR -> WORDS.say("not-this-year");
      case NEVER -> WORDS.say("never");
      case WAIT_AND_SHELTER -> WORDS.say("shelter", Days.near(decision.on()));
    };
  }

  static String reason(Reason reason) {
    double figure = reason.figure() == null ? 0 : reason.figure();
    return WORDS.say("reason", reason.why().name(), figure * 100);
  }

  static String line(Decided decided) {
    List<Reason> reasons = decided.decision().reasons();
    String verdict = verdict(decided);
    return reasons.isEmpty() ? verdict : verdict + ": " + reason(reasons.get(0));
  }
}
