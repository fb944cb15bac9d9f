package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Locale;

/**
 * A way in which some kinds are hurt by treatment.
 *
 * @param forms growth forms that have it
 * @param ways ways of life, or tags of them, that have it
 * @param taxa kinds that have it, by id or by genus in small letters
 */
public record Sensitivity(
    String id,
    String label,
    String what,
    List<String> forms,
    List<String> taxa,
    List<String> ways) {

  public Sensitivity {
    ways = ways == null ? List.of() : ways;
  }

  /** Whether a plant of the kind has it. */
  public boolean has(Kind kind) {
    return kind.form().isOneOf(forms)
        || kind.way().isOneOf(ways)
        || kind.taxon().filter(this::names).isPresent();
  }

  private boolean names(Taxon taxon) {
    return taxa.contains(taxon.id())
        || taxa.contains(taxon.like())
        || taxa.contains(taxon.genus().toLowerCase(Locale.ROOT));
  }
}
