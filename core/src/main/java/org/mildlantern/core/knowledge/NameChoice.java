package org.mildlantern.core.knowledge;

import java.util.Locale;

/**
 * A kind or genus that a typed name may stand for.
 *
 * @param name accepted
 * @param common what people call it, or empty
 * @param form its growth form, or null for a genus of which several kinds are known
 */
public record NameChoice(String name, String common, GrowthForm form) {
  /** A genus of which several kinds are known. */
  static NameChoice of(String genus) {
    return new NameChoice(genus, "", null);
  }

  /** What tells it from others beside its name. */
  public String also() {
    String built = form == null ? "several kinds" : form.label().toLowerCase(Locale.ROOT);
    return common.isEmpty() || common.equalsIgnoreCase(built) ? built : common + ", " + built;
  }
}
