package org.mildlantern.core.treatment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.Taxon;

/**
 * A plant as treatment sees it.
 *
 * @param taxon its kind, or null
 * @param shyOf what hurts it, in words by the id that means name it with
 */
public record Patient(GrowthForm form, Taxon taxon, Map<String, String> shyOf) {

  public static Patient of(GrowthForm form, Taxon taxon, Remedies remedies) {
    Map<String, String> shy = new LinkedHashMap<>();
    if (taxon != null && taxon.copperShy()) {
      shy.put("copper-shy", "this kind is hurt by copper");
    }
    if (taxon != null && taxon.oilShy()) {
      shy.put("oil-shy", "this kind is hurt by oils and soaps");
    }
    if (taxon != null && taxon.saltShy()) {
      shy.put("salt-shy", "this kind is hurt by salts");
    }
    remedies
        .sensitivities(form, taxon)
        .forEach(one -> shy.put(one.id(), "it has " + one.label() + ". " + one.what()));
    shy.computeIfPresent("wet-feet", (id, words) -> "it wants its feet wet");
    if (edible(taxon)) {
      shy.put("edible", "it is eaten; only what its label allows on edible plants may be used");
    }
    return new Patient(form, taxon, shy);
  }

  private static boolean edible(Taxon taxon) {
    return taxon != null && taxon.edible();
  }

  public boolean edible() {
    return edible(taxon);
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
