package org.mildlantern.app.away;

import java.time.temporal.ChronoUnit;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;
import org.springframework.validation.BindingResult;

/** Says beside the field when the days of an absence cannot be. */
@Component
class AwayCheck {
  private static final Words WORDS = Words.of(AwayCheck.class);

  private static final int LONGEST_DAYS = 60;
  private static final int FARTHEST_DAYS = 60;

  private final Scope scope;

  AwayCheck(Scope scope) {
    this.scope = scope;
  }

  void days(AwayForm form, BindingResult errors) {
    // Where a field holds no number at all, that is said first.
    boolean unread = errors.getTarget() == null;
    if (unread || form.from() == null || form.until() == null) {
      return;
    }
    if (form.from().isBefore(scope.today())
        || form.from().isAfter(scope.today().plusDays(FARTHEST_DAYS))) {
      errors.rejectValue("from", "fits", WORDS.say("from", FARTHEST_DAYS));
    }
    long days = ChronoUnit.DAYS.between(form.from(), form.until());
    if (days < 1 || days > LONGEST_DAYS) {
      errors.rejectValue("until", "fits", WORDS.say("until", LONGEST_DAYS));
    }
  }
}
