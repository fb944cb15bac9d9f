package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.knowledge.Habits;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.words.Words;

/**
 * A plant as treatment sees it.
 *
 * @param shyOf what hurts it, in words by the id that means name it with
 */
public record Patient(Kind kind, Map<String, String> shyOf) {
  private static final Words WORDS = Words.of(Patient.class);

  public static Patient of(Kind kind, Remedies remedies) {
    Map<String, String> shy = new LinkedHashMap<>();

    for (Habits.Shy one : Habits.Shy.values()) {
      if (kind.shyOf(one)) {
        shy.put(
            one.id(), WORDS.say("patient.hurt", Words.yes(kind.taxon().isPresent()), one.label()));
      }
    }
    remedies
        .sensitivities(kind)
        .forEach(one -> shy.put(one.id(), WORDS.say("patient.has", one.label(), one.what())));
    shy.computeIfPresent("wet-feet", (id, words) -> WORDS.say("patient.wet-feet"));
    if (kind.edible()) {
      shy.put("edible", WORDS.say("patient.edible"));
    }
    return new Patient(kind, shy);
  }

  public boolean edible() {
    return kind.edible();
  }

  /** Whether the means may be used on this kind at all. */
  public boolean bears(Means means) {
    return means.ruins().stream().noneMatch(shyOf::containsKey);
  }

  /** Why a means is not for this kind, in words; empty when it is. */
  public List<String> ruinedBy(Means means) {
    return reasons(means.ruins());
  }

  /** Why a means may mark this kind, in words; empty when it does not. */
  public List<String> hurtBy(Means means) {
    return reasons(means.hurts());
  }

  private List<String> reasons(List<String> ids) {
    List<String> reasons = new ArrayList<>();
    ids.stream().filter(shyOf::containsKey).forEach(id -> reasons.add(shyOf.get(id)));
    return reasons;
  }
}
