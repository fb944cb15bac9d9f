package org.mildlantern.core.care;

import java.util.List;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Rescue;

/** What to cut, trim or leave, with which tools, and what comes after. */
public final class Salvage {
  private final Rescue rescue;

  public Salvage(Rescue rescue) {
    this.rescue = rescue;
  }

  /**
   * The rules of some kinds that fit, in the order of the file. Where a rule names the cause, the
   * rules of its family of the same kind fall silent.
   */
  public List<String> of(Cause cause, GrowthForm form, Rescue.Do... kinds) {
    return Stream.of(kinds).flatMap(kind -> ofKind(cause, form, kind)).toList();
  }

  private Stream<String> ofKind(Cause cause, GrowthForm form, Rescue.Do kind) {
    List<Rescue.Rule> fitting =
        rescue.rules().stream().filter(r -> r.part() == kind && r.fits(cause, form)).toList();
    boolean named = fitting.stream().anyMatch(rule -> !rule.causes().isEmpty());
    return fitting.stream()
        .filter(rule -> !named || rule.families().isEmpty() || !rule.causes().isEmpty())
        .map(Rescue.Rule::text);
  }
}
